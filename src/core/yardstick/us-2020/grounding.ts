import type { Yardstick } from '../yardstick';

/** 250.122: overcurrent device up to, A, and the smallest copper and aluminium grounding conductor. */
export const equipmentGround: Yardstick['equipmentGround'] = [
  { upToA: 15, cu: '14', al: '12' },
  { upToA: 20, cu: '12', al: '10' },
  { upToA: 60, cu: '10', al: '8' },
  { upToA: 100, cu: '8', al: '6' },
  { upToA: 200, cu: '6', al: '4' },
  { upToA: 300, cu: '4', al: '2' },
  { upToA: 400, cu: '3', al: '1' },
];

/** 250.66: service conductor up to, copper or aluminium, and the smallest electrode conductor. */
export const electrodeConductor: Yardstick['electrodeConductor'] = [
  { cuUpTo: '2', alUpTo: '1/0', cu: '8', al: '6' },
  { cuUpTo: '1/0', alUpTo: '3/0', cu: '6', al: '4' },
  { cuUpTo: '3/0', alUpTo: '250', cu: '4', al: '2' },
  { cuUpTo: '350', alUpTo: '500', cu: '2', al: '1/0' },
];
