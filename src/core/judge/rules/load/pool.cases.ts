import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const tub = (word: 'plain' | 'gf' | '', load: Facts, circuit: Facts = {}): Given => ({
  lines: [`1+3 40 8cu m1 ${word} =pool`],
  facts: { 'load 1': load, 'circuit 1': circuit },
});

export const cases: readonly RuleCase[] = [
  [
    'an ordinary breaker, nothing upstream',
    tub('plain', { poolBonding: 'seen' }, { upstreamProtection: 'none' }),
    'found: unprotected',
  ],
  ['no bonding', tub('gf', { poolBonding: 'none' }), 'found: unbonded'],
  ['protected, bonding seen', tub('gf', { poolBonding: 'seen' }), 'clear'],
  ['bonding out of sight is not seen', tub('gf', { poolBonding: 'hidden' }), 'not-seen'],
  ['a device upstream not looked for', tub('plain', { poolBonding: 'seen' }), 'not-seen'],
  [
    'another load',
    { panel: { loadsListed: true }, lines: ['1+3 40 8cu m1 =range'] },
    'does-not-apply',
  ],
];
