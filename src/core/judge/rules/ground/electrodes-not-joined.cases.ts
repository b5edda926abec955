import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const rod = (facts: Facts): Given => ({
  things: [['electrode', 'e', 'house', { electrodeKind: 'rod', ...facts }]],
});

export const cases: readonly RuleCase[] = [
  ['joined to nothing else', rod({ electrodeJoined: 'not-joined' }), 'found: apart'],
  ['joined', rod({ electrodeJoined: 'joined' }), 'clear'],
  ['never followed', rod({}), 'not-seen'],
];
