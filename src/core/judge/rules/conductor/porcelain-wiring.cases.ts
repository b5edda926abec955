import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['in use', { lines: ['1 15 14cu in:porcelain'] }, 'found: open'],
  ['over-protected', { lines: ['1 30 14cu in:porcelain'] }, 'found: worse'],
  [
    'covered by insulation',
    { lines: ['1 15 14cu in:porcelain'], facts: { 'cable 1': { porcelainState: ['buried'] } } },
    'found: worse',
  ],
  ['non-metallic cable', { lines: ['1 15 14cu in:nm'] }, 'clear'],
  ['wiring method unread', { lines: ['1 15 14cu'] }, 'not-seen'],
];
