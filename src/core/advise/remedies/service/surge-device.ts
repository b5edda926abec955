import { defineRemedy, leaves } from '../remedy';

export const surgeDevice = defineRemedy({
  id: 'surge-device',
  words: 'A surge device in two positions or beside the panel',
  parts: { 'surge-device': 1 },
  minutes: [30, 45, 90],
  ways: leaves({ surgeThere: true }),
});
