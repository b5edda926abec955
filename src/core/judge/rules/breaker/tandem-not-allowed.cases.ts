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
  [
    'no notch where a tandem was forced on, whatever the label says',
    {
      panel: { labelTandemPositions: [17, 18] },
      lines: ['17 t15/15'],
      facts: { 'panel/c1r9': { stabTakes: 'full-size' } },
    },
    'found: notch',
    'Breaker 17',
  ],
  [
    'a notch does not allow what the label does not',
    {
      panel: { labelTandemPositions: [18] },
      lines: ['17 t15/15'],
      facts: { 'panel/c1r9': { stabTakes: 'tandem' } },
    },
    'found: tandem',
    'Breaker 17',
  ],
  [
    'a pair of ratings the label does not list',
    {
      panel: { labelTandemPositions: [17, 18], labelTandemRatings: ['15/15', '15/20'] },
      lines: ['17 t30/20'],
    },
    'found: pair',
    'Breaker 17',
  ],
  [
    'a pair the label lists, the greater first',
    {
      panel: { labelTandemPositions: [17, 18], labelTandemRatings: ['15/15', '15/20'] },
      lines: ['17 t20/15'],
    },
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
