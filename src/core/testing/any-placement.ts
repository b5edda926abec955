import fc from 'fast-check';
import type { Piece, PlacementProblem, Spot } from '../advise/placing/placement-problem';
import { covered, keyOf } from '../advise/placing/placement-problem';

/**
 * Any small panel of two columns with legs by row: a part of it taken, some positions burned, some new
 * devices to be placed, shared neutrals among what stands there, pairs to become tandems.
 */
export const anyPlacement = (mostMovable: number): fc.Arbitrary<PlacementProblem> =>
  fc
    .record({
      rows: fc.integer({ min: 3, max: 5 }),
      three: fc.boolean(),
      taken: fc.array(
        fc.record({
          rows: fc.constantFrom<1 | 2>(1, 1, 1, 2),
          halfAmps: fc.integer({ min: 0, max: 40 }),
          fixed: fc.oneof({ weight: 6, arbitrary: fc.constant(false) }, fc.constant(true)),
          halves: fc.constantFrom(true, true, false),
          ratingA: fc.constantFrom(15, 20),
          minutes: fc.constantFrom(10, 15, 25),
          half: fc.oneof({ weight: 5, arbitrary: fc.constant(false) }, fc.constant(true)),
        }),
        { maxLength: 7 },
      ),
      gaps: fc.array(fc.integer({ min: 0, max: 2 }), { maxLength: 10 }),
      fresh: fc.array(
        fc.record({
          rows: fc.constantFrom<1 | 2 | 3>(1, 2, 2, 3),
          halfAmps: fc.integer({ min: 0, max: 40 }),
          oneLeg: fc.boolean(),
        }),
        { maxLength: 2 },
      ),
      burned: fc.array(fc.integer({ min: 0, max: 9 }), { maxLength: 2 }),
      tandem: fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 2, maxLength: 6 }),
      tandems: fc.constantFrom(0, 0, 0, 0, 1, 1, 2),
      pairs: fc.option(
        fc.constantFrom(
          [[15, 15]],
          [[15, 20]],
          [
            [15, 15],
            [20, 20],
          ],
        ),
        { nil: undefined },
      ),
      shared: fc.boolean(),
      beside: fc.boolean(),
    })
    .map((given): PlacementProblem => {
      const legs = given.three ? ['A', 'B', 'C'] : ['A', 'B'];
      const spots = [1, 2].flatMap((column) =>
        Array.from({ length: given.rows }, (_, index): Spot => {
          const at = (column - 1) * given.rows + index;
          return {
            key: keyOf(column, index + 1),
            usable: !given.burned.includes(at),
            column,
            row: index + 1,
            number: 2 * (index + 1) - (column === 1 ? 1 : 0),
            leg: legs[index % legs.length]!,
            tandem: given.tandem.includes(at),
            section: '',
          };
        }),
      );
      const pieces: Piece[] = [];
      let movable = 0;
      let [column, row] = [1, 1];
      given.taken.forEach((one, index) => {
        row += given.gaps[index] ?? 0;
        if (row + one.rows - 1 > given.rows) [column, row] = [column + 1, 1];
        if (column > 2 || row + one.rows - 1 > given.rows) return;
        const single = one.rows === 1;
        const fixed = one.fixed || movable >= mostMovable;
        if (!fixed) movable += 1;
        pieces.push({
          id: `d${index}`,
          rows: one.rows,
          from: keyOf(column, row),
          fixed,
          halfSize: single && one.half,
          halvesAs: single && one.halves && !fixed && !one.half ? one.ratingA : undefined,
          legs: undefined,
          section: undefined,
          halfAmps: Array.from({ length: one.rows }, () => one.halfAmps),
          minutes: one.minutes,
        });
        row += one.rows;
      });
      given.fresh.forEach((one, index) => {
        if (movable >= mostMovable || (one.rows === 3 && !given.three)) return;
        movable += 1;
        pieces.push({
          id: `n${index}`,
          rows: one.rows,
          from: undefined,
          fixed: false,
          halfSize: false,
          halvesAs: undefined,
          legs: one.rows === 1 && one.oneLeg ? ['B'] : undefined,
          section: undefined,
          halfAmps: Array.from({ length: one.rows }, () => one.halfAmps),
          minutes: 10,
        });
      });
      const stand = new Map(pieces.map(({ from, id }) => [from, id]));
      const pair = given.shared
        ? spots.find(({ key }) => {
            const [above, below] = [key, covered(key, 2)[1]!].map((one) =>
              pieces.find(({ from, rows }) => from === one && rows === 1),
            );
            return above && below && stand.has(key);
          })
        : undefined;
      const hots = pair ? covered(pair.key, 2).map((key) => stand.get(key)!) : [];
      return {
        spots,
        pieces: pieces.map((one) =>
          hots.includes(one.id) ? { ...one, halvesAs: undefined } : one,
        ),
        together: hots.length === 2 ? [{ pieces: hots, beside: given.beside }] : [],
        tandems: given.tandems,
        ratingPairs: given.pairs as PlacementProblem['ratingPairs'],
        legs,
      };
    });
