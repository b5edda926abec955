import type { Given, RuleCase } from '../../../testing/rule-cases';
import type { Facts } from '../../../record/entries/properties';

const meter = (facts: Facts): Given => ({ things: [['meter', 'm', 'house', facts]] });

export const cases: readonly RuleCase[] = [
  ['a split lug', meter({ meterLug: 'cracked' }), 'found: unsound'],
  ['a loose lug', meter({ meterLug: 'loose' }), 'found: unsound'],
  ['sound lugs', meter({ meterLug: 'sound' }), 'clear'],
  ['the socket was never opened', meter({ meterState: 'in-place' }), 'not-seen'],
];
