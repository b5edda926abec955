import type { Yardstick } from '../yardstick';

/** 310.12: main, A, and the smallest copper and aluminium conductor. Never stacked with the next size up. */
export const dwellingService: Yardstick['dwellingService'] = [
  { mainA: 100, cu: '4', al: '2' },
  { mainA: 110, cu: '3', al: '1' },
  { mainA: 125, cu: '2', al: '1/0' },
  { mainA: 150, cu: '1', al: '2/0' },
  { mainA: 175, cu: '1/0', al: '3/0' },
  { mainA: 200, cu: '2/0', al: '4/0' },
  { mainA: 225, cu: '3/0', al: '250' },
  { mainA: 250, cu: '4/0', al: '300' },
  { mainA: 300, cu: '250', al: '350' },
  { mainA: 350, cu: '350', al: '500' },
  { mainA: 400, cu: '400', al: '600' },
];
