import { defineRemedy, leaves } from '../remedy';

export const panelInTheRooms = defineRemedy({
  id: 'panel-in-the-rooms',
  words: 'A downstream panel in the occupant’s rooms',
  off: 'service',
  parts: { 'downstream-panel': 1, 'feeder-metre': 15, permit: 1 },
  minutes: [480, 720, 1200],
  tell: [{ whom: 'permit', why: 'a new panel', days: 10 }],
  wrong: ['walls are opened for the feeder'],
  ways: leaves({ occupantReaches: true }),
});
