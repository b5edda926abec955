import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['not joined at the first disconnect', { panel: { bond: 'none' } }, 'found: missing'],
  ['joined by a strap', { panel: { bond: 'strap' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
  ['downstream', { fedBy: 'disconnect', panel: { bond: 'none' } }, 'does-not-apply', 'Bond'],
  [
    'a separate switch that is service equipment',
    { fedBy: 'disconnect', disconnect: { bond: 'none' } },
    'found: missing',
    'Disconnect',
  ],
];
