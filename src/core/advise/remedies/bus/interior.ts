import { notKnown } from '../condition';
import { newInsides } from '../panel-work/new-insides';
import { whole } from '../panel-work/whole';
import { defineRemedy } from '../remedy';

export const interior = defineRemedy({
  id: 'interior',
  words: 'Replace the interior or the panel',
  off: 'service',
  parts: { interior: 1, permit: 1 },
  minutes: [300, 420, 720],
  tell: [
    { whom: 'utility', why: 'the supply is off for it', days: 5 },
    { whom: 'permit', why: 'the interior is changed', days: 10 },
  ],
  wrong: ['the interior may no longer be made', 'wires may be too short for the new bus'],
  record: ['legs, neutral to ground, and torque of lugs and screws'],
  global: (at) =>
    whole(at, (work) => newInsides(work, at.panel.id), {
      says: 'A new interior in the box that is there',
      conditions: [notKnown('an interior is made for this box', 'ask by the panel’s model')],
    }),
});
