import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['piping over it', { panel: { waterNear: 'piping' } }, 'found: near'],
  ['drip marks', { panel: { waterNear: 'drip' } }, 'found: near'],
  ['nothing there', { panel: { waterNear: 'none' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
  ['a pump below and drip marks', { panel: { waterNearby: ['pump', 'drip'] } }, 'found: near'],
  ['none of these', { panel: { waterNearby: [] } }, 'clear'],
];
