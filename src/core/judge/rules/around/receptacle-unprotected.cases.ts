import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const garden = (facts: Facts, yearBuilt?: number): Given => ({
  ...(yearBuilt && { building: { yearBuilt } }),
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
  [
    'everything wrong with one receptacle is one finding',
    garden({ outletProtection: 'none', inUseCover: false, weatherResistant: false }, 2015),
    'found: several',
  ],
  [
    'by the panel alone asks nothing',
    garden({ outletPlace: 'by-panel', outletProtection: 'none' }),
    'clear',
  ],
];
