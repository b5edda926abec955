import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const fed = (facts: Facts): Given => ({ fedBy: 'disconnect', panel: facts });
const main = (amps: number, panel: Facts = {}): Given => ({
  panel,
  things: [['electrode', 'e', 'house', { electrodeKind: 'water-pipe', pipeCurrentA: amps }]],
});
const gas = (amps: number): Given => ({
  things: [['pipe', 'p', 'house', { pipeKind: 'gas', pipeCurrentA: amps }]],
});

export const cases: readonly RuleCase[] = [
  ['2.8 A on a feeder ground', fed({ groundA: 2.8 }), 'found: path'],
  ['0.4 A on a feeder ground', fed({ groundA: 0.4 }), 'found: trace'],
  ['0.2 A on a gas pipe', gas(0.2), 'found: gas'],
  ['half the neutral current on a street main', main(8, { neutralA: 16 }), 'found: path'],
  ['0.05 A', fed({ groundA: 0.05 }), 'clear'],
  ['a fifth of the neutral current on a street main', main(3, { neutralA: 16 }), 'clear'],
  ['0.05 A on a gas pipe', gas(0.05), 'clear'],
  ['never clamped', fed({}), 'not-seen'],
  ['neutral not clamped at the same time', main(3), 'not-seen'],
];
