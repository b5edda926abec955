import type { Facts } from '../../entries/properties';
import type { Given, RuleCase } from '../../testing/rule-cases';

const garden = (facts: Facts): Given => ({
  things: [
    [
      'outlet',
      'o',
      'house',
      { name: 'Garden outlet', outletKind: 'receptacle', outletPlace: 'outdoors', ...facts },
    ],
  ],
});

export const cases: readonly RuleCase[] = [
  ['outdoors, none', garden({ outletProtection: 'none' }), 'found: unprotected'],
  [
    'outdoors, no in-use cover',
    garden({ outletProtection: 'own', inUseCover: false }),
    'found: cover',
  ],
  [
    'outdoors, tested upstream',
    garden({ outletProtection: 'upstream', inUseCover: true, weatherResistant: true }),
    'clear',
  ],
  ['never tested', garden({ inUseCover: true, weatherResistant: true }), 'not-seen'],
  ['none looked at', {}, 'not-seen'],
  ['all looked at, none unsound', { building: { outletsLooked: true } }, 'clear'],
];
