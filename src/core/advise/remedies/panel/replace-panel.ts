import { mainWanted, newPanel, rowsWanted } from '../panel-work/new-panel';
import { whole } from '../panel-work/whole';
import { defineRemedy } from '../remedy';

export const replacePanel = defineRemedy({
  id: 'replace-panel',
  words: 'Replace the panel',
  off: 'service',
  parts: { panel: 1, permit: 1 },
  minutes: [480, 600, 900],
  tell: [
    { whom: 'utility', why: 'the supply is off for it', days: 5 },
    { whom: 'permit', why: 'the panel is changed', days: 10 },
  ],
  wrong: [
    'old wires may be too short for the new bus',
    'brittle insulation breaks when it is bent',
  ],
  ends: ['what was permitted while the panel was untouched is judged by today’s edition'],
  record: ['legs, neutral to ground, and torque of lugs and screws'],
  global: (at) => {
    const rows = rowsWanted(at);
    const breakers = at.panel.devices.length + at.panel.pullOuts.length;
    return whole(at, (work) => newPanel(work, at, { mainA: mainWanted(at), rows }), {
      says: `A new panel of ${2 * rows} positions, main ${mainWanted(at)} A, with new breakers`,
      parts: { panel: 1, permit: 1, 'breaker-1': breakers },
      frees: { positions: 2 * (rows - (at.panel.rows ?? rows)), labelCircuits: rows },
    });
  },
});
