import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'tandem not allowed there',
    { panel: { labelTandemPositions: [17, 18] }, lines: ['13 t15/15'] },
    'found: tandem',
    'Breaker 13',
  ],
  [
    'more circuits than the label',
    { panel: { labelCircuits: 2 }, lines: ['1 20', '3 20', '5 20'] },
    'found: circuits',
  ],
  [
    'over the limit the office set itself',
    {
      panel: { labelTandemPositions: [17, 18] },
      lines: ['17 t15/15', '18 t15/15'],
      settings: { house: { mostTandems: 1 } },
    },
    'found: house',
    'All circuits',
  ],
  [
    'tandem allowed there',
    { panel: { labelTandemPositions: [17, 18] }, lines: ['17 t15/15'] },
    'clear',
    'Breaker 17',
  ],
  ['label unread', { lines: ['13 t15/15'] }, 'not-seen'],
  [
    'a quad where the label allows none',
    { panel: { labelTandemPositions: [17, 18] }, lines: ['13+15 q20/30'] },
    'found: tandem',
    'Breaker 13+15',
  ],
  [
    'a quad on two positions that take tandems',
    { panel: { labelTandemPositions: [17, 19] }, lines: ['17+19 q20/30'] },
    'clear',
    'Breaker 17+19',
  ],
];
