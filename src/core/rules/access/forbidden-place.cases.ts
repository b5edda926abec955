import type { RuleCase } from '../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['in a clothes closet', { panel: { placedIn: 'clothes-closet' } }, 'found: placed'],
  ['in a bathroom', { panel: { placedIn: 'bathroom' } }, 'found: placed'],
  ['over steps', { panel: { placedIn: 'over-steps' } }, 'found: placed'],
  ['in a hall', { panel: { placedIn: 'open' } }, 'clear'],
  ['room not said', {}, 'not-seen'],
];
