import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['storage in the space', { panel: { obstructions: ['storage'] } }, 'found: full'],
  ['door stopped short', { panel: { obstructions: [], doorOpens: false } }, 'found: door'],
  ['space clear, door opens', { panel: { obstructions: [], doorOpens: true } }, 'clear'],
  ['never looked', {}, 'not-seen'],
  ['door not tried', { panel: { obstructions: [] } }, 'not-seen'],
];
