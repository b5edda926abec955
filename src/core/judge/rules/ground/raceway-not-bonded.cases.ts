import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['ordinary locknuts', { panel: { racewayBonded: 'not-bonded' } }, 'found: apart'],
  ['bonding bushing', { panel: { racewayBonded: 'bonded' } }, 'clear'],
  ['no metal raceway', { panel: { racewayBonded: 'none' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
  ['downstream', { fedBy: 'disconnect', panel: { racewayBonded: 'not-bonded' } }, 'does-not-apply'],
];
