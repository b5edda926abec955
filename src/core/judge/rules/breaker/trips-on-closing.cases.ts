import type { RuleCase } from '../../../testing/rule-cases';

const seven = (tripsOnClosing: 'no' | 'with-load' | 'without-load' | 'later') => ({
  lines: ['7 20 12cu'],
  facts: { 'device 7': { tripsOnClosing } },
});

export const cases: readonly RuleCase[] = [
  ['load off', seven('without-load'), 'found: wiring'],
  ['with its load', seven('with-load'), 'found: appliance'],
  ['after minutes', seven('later'), 'found: slow'],
  ['holds', seven('no'), 'clear'],
  ['never tried', { lines: ['7 20 12cu'] }, 'not-seen'],
];
