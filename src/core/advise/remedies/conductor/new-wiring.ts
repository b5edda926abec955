import { newWiring as ways } from '../ways/new-wiring';
import { defineRemedy } from '../remedy';

export const newWiring = defineRemedy({
  id: 'new-wiring',
  words: 'New wiring, room by room',
  parts: { 'branch-cable-metre': 25, box: 2 },
  minutes: [240, 420, 900],
  wrong: ['walls are opened'],
  ends: ['open wiring may be neither extended nor joined to once it is touched'],
  tell: [{ whom: 'permit', why: 'new wiring', days: 10 }],
  ways,
});
