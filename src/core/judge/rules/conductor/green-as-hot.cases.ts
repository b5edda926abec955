import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const bareNeutral = (cable: Facts): Given => ({
  things: [
    ['cable', 'c', 'panel', cable],
    ['conductor', 'w', 'c', { function: 'neutral', colour: 'bare' }],
  ],
});

export const cases: readonly RuleCase[] = [
  ['green on a breaker', { lines: ['7 20 12cu:g'] }, 'found: current'],
  ['bare neutral of other cable', bareNeutral({ cableKind: 'nm' }), 'found: current'],
  ['bare neutral of service cable', bareNeutral({ cableKind: 'se' }), 'clear'],
  ['black', { lines: ['7 20 12cu:b'] }, 'clear'],
  ['colour unread', { lines: ['7 20 12cu'] }, 'not-seen'],
  ['cable of a bare neutral unread', bareNeutral({}), 'not-seen'],
];
