import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['across the cellar', { service: { insideRun: 'long' } }, 'found: long'],
  ['nearest the entry', { service: { insideRun: 'short' } }, 'clear'],
  ['never followed', {}, 'not-seen'],
];
