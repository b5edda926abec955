import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const rods = (count: number, facts: Facts = {}, counted: number | undefined = count): Given => ({
  building: counted === undefined ? {} : { electrodeCount: counted },
  things: Array.from(
    { length: count },
    (_, index) => ['electrode', `e${index}`, 'house', { electrodeKind: 'rod', ...facts }] as const,
  ),
});

export const cases: readonly RuleCase[] = [
  ['one rod of 60 Ω', rods(1, { electrodeOhm: 60 }), 'found: single'],
  ['one rod, asked for proof, none', rods(1, { rodProof: 'none' }), 'found: single'],
  [
    'one rod and a water pipe',
    {
      ...rods(1, { rodProof: 'none' }),
      things: [
        ['electrode', 'e', 'house', { electrodeKind: 'rod', rodProof: 'none' }],
        ['electrode', 'w', 'house', { electrodeKind: 'water-pipe' }],
      ],
      building: { electrodeCount: 2 },
    },
    'found: single',
  ],
  ['one rod of 20 Ω', rods(1, { electrodeOhm: 20 }), 'clear'],
  ['two rods', rods(2), 'clear'],
  [
    'one rod and an encased bar',
    {
      things: [
        ['electrode', 'e', 'house', { electrodeKind: 'rod' }],
        ['electrode', 'f', 'house', { electrodeKind: 'encased' }],
      ],
    },
    'clear',
  ],
  ['proof not asked for', rods(1), 'not-seen'],
  [
    'there may be others',
    { things: [['electrode', 'e', 'house', { electrodeKind: 'rod', rodProof: 'none' }]] },
    'not-seen',
  ],
  ['no electrode', { building: { electrodeCount: 0 } }, 'does-not-apply'],
];
