import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['rust', { panel: { moistureInside: 'rust' } }, 'found: damp'],
  ['bloom', { panel: { moistureInside: 'bloom' } }, 'found: damp'],
  ['dry', { panel: { moistureInside: 'dry' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];
