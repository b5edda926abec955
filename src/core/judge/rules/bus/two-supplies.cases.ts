import { refOf } from '../../../testing/rule-cases';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const filled = Array.from({ length: 24 }, (_, index) => `${index + 1} 20 12cu`);
const solar = (
  sourceA: number,
  source: NonNullable<Given['things']>[number][3] = {},
  lines: readonly string[] = filled,
): Given => ({
  panel: { labelBusA: 200 },
  lines: ['main 200', ...lines],
  things: [['source', 's1', 'house', { sourceKind: 'inverter', sourceA, ...source }]],
});
const few = Array.from({ length: 24 }, (_, index) =>
  index < 4 ? `${index + 1} 20 12cu` : `${index + 1} blank`,
);

const tandems = Array.from({ length: 24 }, (_, index) =>
  index < 6 ? `${index + 1} t20/20 12cu/12cu` : `${index + 1} blank`,
);

export const cases: readonly RuleCase[] = [
  [
    'two sources of 20 A: together they are over',
    {
      ...solar(20, { atFarEnd: false }),
      things: ['s1', 's2'].map(
        (id) =>
          [
            'source',
            id,
            'house',
            { sourceKind: 'inverter', sourceA: 20, atFarEnd: false },
          ] as const,
      ),
    },
    'found: over',
  ],
  [
    'both halves of six tandems count: 240 A',
    solar(60, { atFarEnd: false }, tandems),
    'found: over',
  ],
  ['32 A beside a 200 A main', solar(32, { atFarEnd: false }), 'found: over'],
  ['60 A is over even at the far end', solar(60, { atFarEnd: true }), 'found: over'],
  ['32 A at the far end', solar(32, { atFarEnd: true }), 'clear'],
  ['breakers together within the bus', solar(60, { atFarEnd: false }, few), 'clear'],
  ['main and source within the bus', { ...solar(20), lines: ['main 150'] }, 'clear'],
  ['end of the bus unread', solar(32), 'not-seen'],
  ['label unread', { ...solar(32), panel: {} }, 'not-seen'],
  [
    'a generator',
    { things: [['source', 's1', 'house', { sourceKind: 'generator' }]] },
    'does-not-apply',
  ],
  ['a tap ahead of the main', solar(60, { sourceTap: 'supply-side' }), 'does-not-apply'],
  [
    'a source in a panel below: its bus above is asked too',
    {
      panel: { labelBusA: 100 },
      lines: ['main 100', '1+3 60 6cu shed'],
      after: (made) => {
        const feeder = refOf(made, 'device 1');
        made.book.add('panel', 'shed', 'house', { rows: 4, fedFrom: feeder, labelBusA: 125 });
        made.book.add('source', 's1', 'house', {
          sourceKind: 'inverter',
          sourceA: 32,
          feeds: 'shed',
        });
      },
    },
    'not-seen',
    'Bus',
  ],
  [
    'every position of the bus above recorded, and over',
    {
      panel: { labelBusA: 100 },
      lines: ['main 100', '1+3 60 6cu shed', ...filled.slice(4), '2 20 12cu', '4 20 12cu'],
      after: (made) => {
        const feeder = refOf(made, 'device 1');
        made.book.add('panel', 'shed', 'house', { rows: 4, fedFrom: feeder, labelBusA: 125 });
        made.book.add('source', 's1', 'house', {
          sourceKind: 'inverter',
          sourceA: 32,
          feeds: 'shed',
        });
      },
    },
    'found: over',
    'Bus',
  ],
];
