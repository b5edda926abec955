import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['two rows apart', { lines: ['2 20 12cu n12', '6 20 12cu ~2'] }, 'found: same-leg'],
  [
    'tandem halves sharing a neutral',
    {
      things: [
        [
          'device',
          'a',
          'panel',
          {
            place: { kind: 'position', column: 1, row: 7 },
            form: 'tandem',
            handleRatingsA: [20, 20],
          },
        ],
        ['multiwire', 'mw', 'panel', { terminals: ['a/t1', 'a/t2'] }],
      ],
    },
    'found: same-leg',
  ],
  ['vertical neighbours', { lines: ['2 20 12cu n12', '4 20 12cu ~2'] }, 'clear'],
  ['which circuits share it not known', { things: [['multiwire', 'mw', 'panel', {}]] }, 'not-seen'],
];
