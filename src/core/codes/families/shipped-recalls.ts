import type { Recall } from './recall';

/** Recalls of invented makers. */
export const shippedRecalls: Recall[] = [
  {
    id: 'tarnholt-tb-20g',
    maker: 'Tarnholt',
    types: ['TB-20G', 'TB-15G'],
    codes: { from: '1501', to: '1526' },
    says: 'the test button trips them while a fault to ground may not',
    severity: 4,
    likelihood: 2,
    source: 'Tarnholt, notice 7 of 2016',
  },
];
