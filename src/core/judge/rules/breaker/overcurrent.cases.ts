import type { Facts } from '../../../record/entries/properties';
import { refOf } from '../../../testing/rule-cases';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const ac = (line: string): RuleCase[1] => ({ lines: [line] });

/** A second panel fed from 9+11. */
const flat = (facts: Facts): Pick<Given, 'after'> => ({
  after: (made) => {
    const breaker = refOf(made, 'device 9');
    made.book.add('panel', 'flat', 'house', { rows: 4, fedFrom: breaker, ...facts });
  },
});
const heatPump: Pick<Given, 'after'> = {
  after: (made) => {
    made.book.add('load', 'hp', refOf(made, 'circuit 9'), {
      loadKind: 'heat-pump',
      minimumCircuitAmpacityA: 18,
      maximumOvercurrentA: 30,
      fuseOnly: false,
    });
  },
};

export const cases: readonly RuleCase[] = [
  ['20 A on 14 copper', { lines: ['7 20 14cu'] }, 'found: over'],
  ['the thinnest of two', { lines: ['7 20 12cu+14cu m2'] }, 'found: over'],
  ['breaker over the nameplate', ac('9+11 40 12cu =ac mca18 mop30 cooling'), 'found: plate'],
  [
    'wire below the nameplate',
    ac('9+11 30 14cu =ac mca25 mop30 cooling'),
    'found: plate-conductor',
  ],
  ['fuse only by the nameplate', ac('9+11 30 12cu =ac mca18 mfu30 cooling'), 'found: fuse-only'],
  ['6 copper on 60 A for a range', { lines: ['10+12 60 6cu in:nm =range range'] }, 'clear'],
  ['air conditioner within its nameplate', ac('9+11 30 12cu =ac mca18 mop30 cooling'), 'clear'],
  ['nameplate unread', ac('9+11 30 12cu =ac cooling'), 'not-seen'],
  ['rating unread', { lines: ['7 12cu m1'] }, 'not-seen'],
  [
    'a two-pole breaker is one finding, its worst pole named',
    { lines: ['9+11 30 10cu/14cu m1 dryer'] },
    'found: over',
    'Breaker 9+11',
  ],
  [
    'fuses at the unit satisfy “fuse only”',
    { lines: ['9+11 30 12cu =ac mca18 mfu30 cooling'], facts: { 'load 9': { fusedAtUnit: true } } },
    'clear',
  ],
  [
    '2 aluminium on the 100 A feeder of a whole dwelling',
    { lines: ['9+11 100 2al m1 flat'], ...flat({ wholeDwelling: true }) },
    'clear',
    'Breaker 9+11',
  ],
  [
    'the same feeding less than a dwelling',
    { lines: ['9+11 100 2al m1 flat'], ...flat({ wholeDwelling: false }) },
    'found: over',
    'Breaker 9+11',
  ],
  [
    'a thin lead of which nobody knows what it feeds',
    { lines: ['7 20 18cu m1'] },
    'not-seen',
    'Breaker 7',
  ],
  [
    'a heat pump goes by its nameplate',
    { lines: ['9+11 30 12cu m1 pump'], ...heatPump },
    'clear',
    'Breaker 9+11',
  ],
];
