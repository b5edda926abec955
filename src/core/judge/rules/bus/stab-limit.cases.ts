import type { RuleCase } from '../../../testing/rule-cases';

const at = 'Stab at 1 and 2';

export const cases: readonly RuleCase[] = [
  [
    '200 A on a stab of 140',
    { panel: { labelStabA: 140 }, lines: ['1+3 100 1al', '2+4 100 1al'] },
    'found: over',
    at,
  ],
  [
    '120 A on a stab of 140',
    { panel: { labelStabA: 140 }, lines: ['1+3 60 6cu', '2+4 60 6cu'] },
    'clear',
    at,
  ],
  [
    'the other side not recorded',
    { panel: { labelStabA: 140 }, lines: ['1+3 60 6cu'] },
    'not-seen',
    at,
  ],
  ['label unread', { lines: ['1+3 100 1al', '2+4 100 1al'] }, 'not-seen'],
  [
    'a rating unread',
    { panel: { labelStabA: 140 }, lines: ['1 20 12cu', '2 12cu'] },
    'not-seen',
    at,
  ],
];
