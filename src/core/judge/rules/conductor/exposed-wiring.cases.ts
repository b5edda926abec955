import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['about the building', { building: { exposure: 'exposed' } }, 'found: exposed'],
  [
    'recorded by itself',
    {
      things: [
        ['outlet', 'o', 'house', { name: 'Shed wall', outletKind: 'wiring', exposure: 'exposed' }],
      ],
    },
    'found: exposed',
    'Shed wall',
  ],
  ['none seen', { building: { exposure: 'none' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];
