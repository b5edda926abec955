import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const run = (facts: Facts): Given => ({
  things: [['outlet', 'o', 'house', { outletKind: 'wiring', name: 'Whip', ...facts }]],
});

export const cases: readonly RuleCase[] = [
  ['hanging', run({ runStates: ['hanging'] }), 'found: unsound', 'Whip'],
  [
    'a fitting apart',
    run({ runStates: ['hanging', 'ground-broken'] }),
    'found: ground-broken',
    'Whip',
  ],
  ['fastened', run({ runStates: [] }), 'clear', 'Whip'],
  [
    'of the house as a whole',
    { building: { runStates: ['exposed'] } },
    'found: unsound',
    'Runs outside the panel',
  ],
  ['never looked', {}, 'not-seen'],
];
