import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bench } from '../../testing/bench';
import { sizes } from '../../vocabulary/size';
import type { BarScrew, PositionLine, Wire } from './line';
import { marks } from './line';
import { parseLine } from './parse';
import { printLine } from './print';
import { loadWords, protectionWords } from './token-words';
import { circuitsOf, screwsOf } from './tokens';
import { colourLetters } from './wires';

const panel = bench({ rows: 12 }).book.site.panels[0]!;
const read = (text: string) => parseLine(text, panel);

const maybe = <T>(arbitrary: fc.Arbitrary<T>) => fc.option(arbitrary, { nil: undefined });
const rating = fc.constantFrom(15, 20, 30, 60, 125);
const wire: fc.Arbitrary<Wire> = fc
  .record({
    size: fc.constantFrom(...sizes),
    metal: fc.constantFrom('cu' as const, 'al' as const),
    colour: maybe(fc.constantFrom(...Object.values(colourLetters))),
    star: fc.boolean(),
  })
  .map(({ size, metal, colour, star }) => ({
    size,
    metal,
    ...(colour && { colour: colour as NonNullable<Wire['colour']> }),
    ...((colour === 'white' || colour === 'grey') && { remarked: star }),
  }));
const screw: fc.Arbitrary<BarScrew> = fc
  .record({
    bar: fc.constantFrom('neutral' as const, 'ground' as const),
    nth: maybe(fc.integer({ min: 1, max: 3 })),
    number: fc.integer({ min: 1, max: 30 }),
  })
  .map(({ nth, ...one }) => ({ ...one, ...(nth && { nth }) }));
const word = fc.constantFrom(
  'hall',
  'open',
  'porch',
  'gf',
  '15',
  'tied',
  'T20',
  '2nd',
  'Ω',
  'surge',
);
const name = fc
  .array(word, { minLength: 1, maxLength: 3 })
  .map((words) => words.join(' '))
  .map((text) => text.charAt(0).toUpperCase() + text.slice(1));

const shapes: {
  positions: number[];
  form: PositionLine['form'];
  half?: 'upper' | 'lower';
  ratings: number;
}[] = [
  { positions: [7], form: 'single-pole', ratings: 1 },
  { positions: [9, 11], form: 'two-pole', ratings: 1 },
  { positions: [2, 4, 6], form: 'three-pole', ratings: 1 },
  { positions: [13], form: 'tandem', ratings: 2 },
  { positions: [14, 16], form: 'quad', ratings: 2 },
  { positions: [14, 16], form: 'quad-separate', ratings: 4 },
  { positions: [15], form: 'half', half: 'lower', ratings: 1 },
  { positions: [17], form: 'plug-fuse', ratings: 1 },
  { positions: [18, 20], form: 'surge', ratings: 1 },
  { positions: [21], form: 'other', ratings: 1 },
];

const lines: fc.Arbitrary<PositionLine> = fc.constantFrom(...shapes).chain((shape) => {
  const circuits = circuitsOf(shape);
  const bar = fc.array(fc.array(screw, { minLength: 1, maxLength: 2 }), {
    minLength: 1,
    maxLength: circuits,
  });
  const together =
    shape.form === 'two-pole' ||
    shape.form === 'three-pole' ||
    shape.form === 'quad' ||
    shape.form === 'surge';
  return fc
    .record({
      ratingsA: fc.array(rating, { minLength: shape.ratings, maxLength: shape.ratings }),
      wires: maybe(
        fc.array(fc.array(wire, { minLength: 1, maxLength: 3 }), {
          minLength: screwsOf(shape),
          maxLength: screwsOf(shape),
        }),
      ),
      neutrals: maybe(bar),
      grounds: maybe(bar),
      sharesWith: maybe(fc.integer({ min: 1, max: 24 })),
      takes: maybe(fc.constantFrom(1 as const, 2 as const)),
      protection: maybe(fc.constantFrom(...Object.values(protectionWords))),
      cableKind: maybe(fc.constantFrom('nm' as const, 'porcelain' as const)),
      jacket: maybe(fc.constantFrom('woven' as const, 'yellow' as const)),
      edge: maybe(fc.constantFrom('top' as const, 'bottom' as const)),
      maker: maybe(fc.constantFrom('Tarnholt', 'Oskelund')),
      year: maybe(fc.integer({ min: 1900, max: 2030 })),
      tie: maybe(
        fc.constantFrom(
          'none' as const,
          'improvised' as const,
          together ? ('factory' as const) : ('listed' as const),
        ),
      ),
      load: maybe(
        fc.record({
          loadKind: fc.constantFrom(...Object.values(loadWords)),
          minimumCircuitAmpacityA: fc.integer({ min: 1, max: 60 }),
          listedW: fc.integer({ min: 1, max: 9000 }),
        }),
      ),
      marks: fc.uniqueArray(
        fc.constantFrom(...(Object.keys(marks) as (keyof typeof marks)[]), 'burned' as const),
      ),
      names: fc.array(name, { maxLength: circuits }),
      remark: maybe(fc.constantFrom('rust on the screw', 'odd')),
    })
    .map((fields) => {
      const { ratings: _, ...base } = shape;
      const entries = Object.entries(fields).filter(([, value]) => value !== undefined);
      return { kind: 'position', ...base, ...Object.fromEntries(entries) } as PositionLine;
    });
});

test('meaning a printed line gives the line back', () => {
  fc.assert(
    fc.property(lines, (line) => {
      const { line: again, faults } = read(printLine(line));
      expect(faults).toEqual([]);
      expect(again).toEqual(line);
    }),
    { numRuns: 400, seed: 5 },
  );
});

test('whatever is typed is read or has its fault at columns within the line', () => {
  const anything = fc.array(
    fc.oneof(
      word,
      fc.string({ maxLength: 6 }),
      fc.constantFrom(
        '7',
        '9+11',
        'main',
        'bar',
        'n2/',
        'label',
        'bus',
        'q15/',
        '12cu',
        'panel',
        '"',
      ),
    ),
    { maxLength: 7 },
  );
  fc.assert(
    fc.property(anything, (words) => {
      const text = words.join(' ');
      const { line, faults, tokens } = read(text);
      expect(line === undefined || faults.length === 0).toBe(true);
      for (const { start, end } of [...faults, ...tokens]) {
        expect(start).toBeGreaterThanOrEqual(0);
        expect(end).toBeLessThanOrEqual(text.length);
        expect(start).toBeLessThan(end);
      }
    }),
    { numRuns: 1500, seed: 6 },
  );
});
