import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['open beside it', { panel: { wallAround: 'gap' } }, 'found: gap', 'The box in the wall'],
  ['too deep in masonry', { panel: { wallAround: 'back' } }, 'found: back'],
  ['too deep in boards', { panel: { wallAround: 'back-burns' } }, 'found: back'],
  ['closed, or on the wall', { panel: { wallAround: 'closed' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
  ['loose on the wall is another thing', { panel: { mounting: 'loose' } }, 'not-seen'],
];
