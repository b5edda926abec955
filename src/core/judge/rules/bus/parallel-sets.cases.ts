import type { Facts } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const at = 'Supply conductors';
const panel = (facts: Facts) => ({ panel: { supplyMetal: 'cu' as const, ...facts } });

export const cases: readonly RuleCase[] = [
  ['two sets of 2', panel({ parallelSets: 2, supplySize: '2' }), 'found: small', at],
  [
    'unlike in length',
    panel({ parallelSets: 2, supplySize: '3/0', setsDiffer: ['length'] }),
    'found: unlike',
    at,
  ],
  [
    'two sets of 1/0, alike',
    panel({ parallelSets: 2, supplySize: '1/0', setsDiffer: [] }),
    'clear',
    at,
  ],
  ['two sets, not compared', panel({ parallelSets: 2, supplySize: '1/0' }), 'not-seen', at],
  ['one conductor a leg', panel({ parallelSets: 1, supplySize: '2' }), 'does-not-apply', at],
  ['never counted', {}, 'not-seen'],
];
