import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['tape', { lines: ['4 taped'] }, 'found: tape', 'Position 4'],
  ['a part not made for it', { lines: ['4 unfit'] }, 'found: tape', 'Position 4'],
  ['a blank', { lines: ['4 blank'] }, 'clear', 'Position 4'],
  ['closed by the cover', { lines: ['4 covered'] }, 'clear', 'Position 4'],
  ['open: a finding of its own', { lines: ['4 open'] }, 'does-not-apply', 'Position 4'],
  ['never looked', {}, 'not-seen', 'Position 4'],
  ['a cover of another panel', { panel: { coverOf: 'other' } }, 'found: cover', 'The cover'],
  ['its own', { panel: { coverOf: 'own' } }, 'clear', 'The cover'],
];
