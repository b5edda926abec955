import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const ground = (facts: Facts): Given => ({
  things: [['conductor', 'w', 'panel', { function: 'ground', ...facts }]],
});

export const cases: readonly RuleCase[] = [
  ['black 8', ground({ colour: 'black', size: '8', markedAsGround: true }), 'found: unmarked'],
  [
    'black 2, not marked',
    ground({ colour: 'black', size: '2', markedAsGround: false }),
    'found: unmarked',
  ],
  ['black 2, re-marked', ground({ colour: 'black', size: '2', markedAsGround: true }), 'clear'],
  ['bare', ground({ colour: 'bare' }), 'clear'],
  ['colour unread', ground({}), 'not-seen'],
  ['marks not looked for', ground({ colour: 'black', size: '2' }), 'not-seen'],
];
