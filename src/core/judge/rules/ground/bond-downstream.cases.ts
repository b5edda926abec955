import type { RuleCase } from '../../../testing/rule-cases';

const older = {
  bond: 'strap',
  separateBuilding: true,
  feederHasGround: false,
  metalPathBetween: false,
  groundFaultUpstream: false,
  yearBuilt: 1971,
} as const;

export const cases: readonly RuleCase[] = [
  [
    'within one building',
    { fedBy: 'disconnect', panel: { bond: 'strap', separateBuilding: false } },
    'found: joined',
  ],
  ['kept apart', { fedBy: 'disconnect', panel: { bond: 'none' } }, 'clear'],
  ['older three-wire feeder to another building', { fedBy: 'disconnect', panel: older }, 'clear'],
  [
    'a town that asked for four wires earlier',
    {
      fedBy: 'disconnect',
      panel: { ...older, yearBuilt: 2001 },
      settings: { amendments: ['marrow-lock-2019'] },
    },
    'found: joined',
  ],
  ['never looked', { fedBy: 'disconnect' }, 'not-seen'],
  ['first disconnect', { panel: { bond: 'strap' } }, 'does-not-apply'],
  [
    'a neutral bar screwed to the can is a joint, whatever the strap says',
    {
      fedBy: 'disconnect',
      panel: { bond: 'none', separateBuilding: false },
      facts: { nbar: { barMounting: 'on-can' } },
    },
    'found: joined',
  ],
];
