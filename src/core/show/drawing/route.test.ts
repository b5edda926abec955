import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bench } from '../../testing/bench';
import { screwOf, jobsOf } from './jobs';
import { placeJackets } from './jackets';
import { route } from './route';
import type { Wire } from './route';
import { wirePolyline } from './wire-path';
import type { Point } from './shapes';

/** True where two open segments cross each other properly. */
function cross(a: Point, b: Point, c: Point, d: Point): boolean {
  const side = (p: Point, q: Point, r: Point) =>
    Math.sign((q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x));
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

function crossings(wires: readonly Wire[]): string[] {
  const lines = wires.map((wire) => ({
    wire,
    points: wirePolyline(wire).slice(0, -1).concat(wire.points.at(-1)!),
  }));
  const found: string[] = [];
  lines.forEach((one, i) =>
    lines.slice(i + 1).forEach((other) => {
      if (one.wire.bundle !== other.wire.bundle) return;
      for (let p = 1; p < one.points.length; p += 1)
        for (let q = 1; q < other.points.length; q += 1)
          if (cross(one.points[p - 1]!, one.points[p]!, other.points[q - 1]!, other.points[q]!)) {
            found.push(
              `${one.wire.conductor.id} × ${other.wire.conductor.id} in ${one.wire.bundle}`,
            );
            return;
          }
    }),
  );
  return found;
}

/** Any panel of this slice: rows, breakers of each form, neutrals and grounds on any screw. */
const panels = fc.record({
  rows: fc.integer({ min: 2, max: 21 }),
  numbering: fc.constantFrom('odd-even' as const, 'down-columns' as const),
  entries: fc.array(
    fc.record({
      position: fc.integer({ min: 1, max: 42 }),
      form: fc.constantFrom(
        '20 12cu',
        '20 2x12cu',
        '15 14cu+12cu',
        't15/15 14cu/2x14cu',
        '50 6cu:b',
      ),
      neutral: fc.option(fc.integer({ min: 1, max: 24 })),
      ground: fc.option(fc.integer({ min: 1, max: 24 })),
      swapBar: fc.boolean(),
    }),
    { maxLength: 24 },
  ),
});

describe('router', () => {
  test('wires of one bundle never cross, and every wire ends at its screw, for any panel', () => {
    fc.assert(
      fc.property(panels, ({ rows, numbering, entries }) => {
        const { book } = bench({ rows, panel: { numbering } });
        const seen = new Set<number>();
        for (const { position, form, neutral, ground, swapBar } of entries) {
          if (position > rows * 2 || seen.has(position)) continue;
          seen.add(position);
          const bars = [
            neutral ? `n${neutral}${swapBar ? '@g' : ''}` : '',
            ground ? `g${ground}` : '',
          ];
          book.line('panel', [position, form, ...bars].filter(Boolean).join(' '));
        }
        const panel = book.site.panels[0]!;
        const { wires, geometry } = route(panel);
        expect(crossings(wires)).toEqual([]);
        const jobs = jobsOf(panel, placeJackets(panel));
        expect(wires).toHaveLength(jobs.length);
        for (const job of jobs) {
          const wire = wires.find((one) => one.conductor.id === job.conductor.id)!;
          expect(wire.points.at(-1)).toEqual(screwOf(geometry, job));
          for (const { x, y } of wire.points) {
            expect(x).toBeGreaterThan(0);
            expect(x).toBeLessThan(geometry.width);
            expect(y).toBeGreaterThan(0);
            expect(y).toBeLessThan(geometry.height);
          }
        }
      }),
      { numRuns: 60, seed: 7 },
    );
  });

  test('an 84-position panel with every breaker wired is laid out without a crossing', () => {
    const { book } = bench({ rows: 42 });
    const bars = book.site.panels[0]!.bars;
    book.observe(bars[0]!.id, { terminalCount: 60 });
    for (let position = 1; position <= 60; position += 1)
      book.line(
        'panel',
        `${position} 20 12cu n${((position * 7) % 60) + 1} g${(position % 24) + 1}`,
      );
    expect(crossings(route(book.site.panels[0]!).wires)).toEqual([]);
  });
});
