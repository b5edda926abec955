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
  { cuUpTo: '600', alUpTo: '900', cu: '1/0', al: '3/0' },
  { cuUpTo: '1100', alUpTo: '1750', cu: '2/0', al: '4/0' },
  { cuUpTo: 'more', alUpTo: 'more', cu: '3/0', al: '250' },
];

/**
 * Chapter 9, table 8: area, circular mils ÷ 1000. Parallel sets add up their areas (250.66).
 * @example two sets of 3/0: 335.6 kcmil.
 */
export const areaKcmil: Yardstick['areaKcmil'] = {
  '18': 1.62,
  '16': 2.58,
  '14': 4.11,
  '12': 6.53,
  '10': 10.38,
  '8': 16.51,
  '6': 26.24,
  '4': 41.74,
  '3': 52.62,
  '2': 66.36,
  '1': 83.69,
  '1/0': 105.6,
  '2/0': 133.1,
  '3/0': 167.8,
  '4/0': 211.6,
  '250': 250,
  '300': 300,
  '350': 350,
  '400': 400,
  '500': 500,
  '600': 600,
};
