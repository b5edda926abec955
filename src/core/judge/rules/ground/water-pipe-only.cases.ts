import type { Given, RuleCase } from '../../../testing/rule-cases';

const pipe: NonNullable<Given['things']>[number] = [
  'electrode',
  'e',
  'house',
  { electrodeKind: 'water-pipe' },
];

export const cases: readonly RuleCase[] = [
  ['nothing beside it', { building: { electrodeCount: 1 }, things: [pipe] }, 'found: only'],
  [
    'a rod beside it',
    { things: [pipe, ['electrode', 'f', 'house', { electrodeKind: 'rod' }]] },
    'clear',
  ],
  ['there may be others', { things: [pipe] }, 'not-seen'],
  ['no electrode', { building: { electrodeCount: 0 } }, 'does-not-apply'],
];
