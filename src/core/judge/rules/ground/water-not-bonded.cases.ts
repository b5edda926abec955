import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const pipe = (facts: Facts): Given => ({
  things: [['pipe', 'p', 'house', { pipeKind: 'water', ...facts }]],
});
const electrode: NonNullable<Given['things']>[number] = [
  'electrode',
  'e',
  'house',
  { electrodeKind: 'water-pipe' },
];

export const cases: readonly RuleCase[] = [
  ['not bonded', pipe({ pipeBonded: 'not-bonded' }), 'found: apart'],
  ['broken by a meter', pipe({ pipeBonded: 'broken' }), 'found: apart'],
  [
    'electrode bonded far from its entry',
    { things: [...pipe({ pipeBonded: 'bonded', bondAtEntry: false }).things!, electrode] },
    'found: far',
  ],
  ['bonded', pipe({ pipeBonded: 'bonded' }), 'clear'],
  ['never looked', {}, 'not-seen'],
  ['bond not looked for', pipe({}), 'not-seen'],
  ['plastic throughout', { building: { waterPiping: 'none' } }, 'does-not-apply'],
];
