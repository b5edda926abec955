import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'neutral on the ground bar, downstream',
    { fedBy: 'disconnect', panel: { bond: 'none' }, lines: ['3 15 14cu n3@g'] },
    'found: on-ground-bar',
  ],
  [
    'bars hold their own',
    {
      fedBy: 'disconnect',
      panel: { bond: 'none' },
      lines: ['3 15 14cu n3 g3', 'bar g all 1', 'bar n all 1'],
    },
    'clear',
  ],
  ['first disconnect', { lines: ['3 15 14cu n3@g'] }, 'does-not-apply'],
  ['what feeds it unknown', { fedBy: null, lines: ['3 15 14cu n3@g'] }, 'not-seen'],
];
