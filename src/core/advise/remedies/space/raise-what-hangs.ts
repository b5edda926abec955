import { lengthMm } from '../length-mm';
import { defineRemedy, leaves } from '../remedy';

export const raiseWhatHangs = defineRemedy({
  id: 'raise-what-hangs',
  words: 'Raise what hangs above the space',
  who: 'owner',
  off: 'nothing',
  parts: { supports: 2 },
  minutes: [60, 120, 300],
  ways: leaves((here) => ({
    equipmentHeight: here.reader.value(here.panel.id, 'equipmentHeight') ?? 900,
    headroom: Math.max(2100, lengthMm(here.reader.value(here.panel.id, 'equipmentHeight')) ?? 0),
  })),
});
