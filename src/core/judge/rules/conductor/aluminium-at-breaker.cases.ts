import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const range = (device: Facts, more: Partial<Given> = {}): Given => ({
  lines: ['1+3 50 6al m1 in:se'],
  ...more,
  facts: { 'device 1': device, ...more.facts },
});

export const cases: readonly RuleCase[] = [
  ['6 aluminium on a breaker for copper', range({ markedForAl: false }), 'found: not-marked'],
  [
    'no compound where the label asks for it',
    range(
      { markedForAl: true },
      { panel: { labelInhibitor: 'wanted' }, facts: { 'terminal 1': { inhibitor: 'absent' } } },
    ),
    'found: no-compound',
  ],
  [
    'marked for aluminium, no compound asked',
    range({ markedForAl: true }, { panel: { labelInhibitor: 'not-wanted' } }),
    'clear',
  ],
  ['whether compound is asked not read', range({ markedForAl: true }), 'not-seen'],
  ['mark not read', range({}), 'not-seen'],
  ['copper', { lines: ['1+3 50 6cu m1'] }, 'does-not-apply'],
  [
    'small aluminium has its own rule',
    { lines: ['7 15 12al m1'], facts: { 'device 7': { markedForAl: false } } },
    'does-not-apply',
  ],
];
