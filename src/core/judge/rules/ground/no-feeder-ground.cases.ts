import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const fed = (panel: Facts): Given => ({ fedBy: 'disconnect', panel });
const three = { feederHasGround: false, supplyRaceway: 'cable', bond: 'strap' } as const;
const older = {
  ...three,
  separateBuilding: true,
  yearBuilt: 1971,
  metalPathBetween: false,
  groundFaultUpstream: false,
} as const;

export const cases: readonly RuleCase[] = [
  ['within one building', fed({ ...three, separateBuilding: false }), 'found: missing'],
  ['to another building, of 2010', fed({ ...older, yearBuilt: 2010 }), 'found: missing'],
  [
    'no ground, raceway nor bond',
    fed({ ...three, bond: 'none', separateBuilding: true }),
    'found: nothing',
  ],
  ['its own ground', fed({ feederHasGround: true }), 'clear'],
  [
    'a metal raceway serves',
    fed({ feederHasGround: false, supplyRaceway: 'steel-raceway' }),
    'clear',
  ],
  ['the permitted older three-wire feeder', fed(older), 'clear'],
  ['never looked', fed({}), 'not-seen'],
  [
    'a condition of the older feeder unread',
    fed({ ...three, separateBuilding: true, yearBuilt: 1971 }),
    'not-seen',
  ],
  [
    'a town that asked for it earlier',
    { ...fed({ ...older, yearBuilt: 2001 }), settings: { amendments: ['marrow-lock-2019'] } },
    'found: missing',
  ],
  ['first disconnect', {}, 'does-not-apply'],
];
