import type { RuleCase } from '../../../testing/rule-cases';

const seven = (altered: boolean) => ({ lines: ['7 20 12cu'], facts: { 'device 7': { altered } } });

export const cases: readonly RuleCase[] = [
  ['filed', seven(true), 'found: forced'],
  ['as made', seven(false), 'clear'],
  ['never looked', { lines: ['7 20 12cu'] }, 'not-seen'],
];
