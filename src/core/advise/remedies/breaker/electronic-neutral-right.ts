import { defineRemedy, leaves } from '../remedy';

export const electronicNeutralRight = defineRemedy({
  id: 'electronic-neutral-right',
  words: 'Load neutral to the breaker, pigtail to the neutral bar',
  minutes: [15, 25, 50],
  record: ['test button'],
  ways: leaves({ pigtail: 'landed', loadNeutral: 'on-device' }, { at: (here) => here.device?.id }),
});
