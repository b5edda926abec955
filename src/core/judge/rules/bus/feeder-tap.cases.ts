import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const tap = (facts: Facts, ...lines: string[]): Given => ({
  fedBy: 'disconnect',
  panel: { feederStart: 'tap', supplyMetal: 'cu', tappedFromA: 200, mainKind: 'breaker', ...facts },
  lines,
});

export const cases: readonly RuleCase[] = [
  ['9 m', tap({ supplySize: '2', supplyLength: 9000 }, 'main 60'), 'found: long'],
  ['lugs alone', tap({ mainKind: 'lugs', supplySize: '2', supplyLength: 5000 }), 'found: no-main'],
  [
    '6 copper over 5 m: less than a third',
    tap({ supplySize: '8', supplyLength: 5000 }, 'main 40'),
    'found: thin',
  ],
  [
    '4 copper over 25 ft: more than a third',
    tap({ supplySize: '4', supplyLength: { value: 25, unit: 'ft' } }, 'main 60'),
    'clear',
  ],
  [
    '8 copper over 2 m: the main and a tenth',
    tap({ supplySize: '8', supplyLength: 2000 }, 'main 50'),
    'clear',
  ],
  [
    '8 copper over 2 m under a larger main',
    tap({ supplySize: '8', supplyLength: 2000 }, 'main 60'),
    'found: thin',
  ],
  ['length not measured', tap({ supplySize: '8' }, 'main 40'), 'not-seen'],
  ['from a breaker of its own', { panel: { feederStart: 'device' } }, 'does-not-apply'],
  ['never looked', {}, 'not-seen'],
];
