import { clearPlace, mainWanted, newPanel, rowsWanted } from '../panel-work/new-panel';
import { whole } from '../panel-work/whole';
import { defineRemedy } from '../remedy';

export const movePanel = defineRemedy({
  id: 'move-panel',
  words: 'Move the panel',
  off: 'service',
  parts: { panel: 1, 'service-conductors': 1, 'branch-cable-metre': 60, box: 4, permit: 1 },
  minutes: [600, 840, 1320],
  tell: [
    { whom: 'utility', why: 'the supply is off for it', days: 10 },
    { whom: 'permit', why: 'the panel is moved', days: 10 },
  ],
  wrong: ['wires end where the panel was: each is lengthened in a box that stays in reach'],
  ends: ['what was permitted while the panel was untouched is judged by today’s edition'],
  record: ['legs, neutral to ground, and torque of lugs and screws'],
  global: (at) => {
    const rows = rowsWanted(at);
    return whole(
      at,
      (work) => {
        newPanel(work, at, { mainA: mainWanted(at), rows });
        clearPlace(work, at);
      },
      {
        says: `A new panel of ${2 * rows} positions in a place with clear space`,
        frees: { positions: 2 * (rows - (at.panel.rows ?? rows)), labelCircuits: rows },
      },
    );
  },
});
