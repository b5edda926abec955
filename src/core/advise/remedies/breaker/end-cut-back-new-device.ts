import { endRemadeNewDevice as ways } from '../ways/end-remade-new-device';
import { defineRemedy } from '../remedy';

export const endCutBackNewDevice = defineRemedy({
  id: 'end-cut-back-new-device',
  words: 'Then the end cut back and re-made, a new device',
  parts: { 'breaker-1': 1 },
  minutes: [25, 40, 75],
  wrong: ['no slack to cut back, brittle insulation breaks when it is bent'],
  record: ['torque at the screw'],
  ways,
});
