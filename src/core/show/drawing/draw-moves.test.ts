import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bench } from '../../testing/bench';
import { drawMoves } from './draw-moves';
import { drawPanel } from './draw-panel';
import { rowTop } from './geometry';

const panelOf = (lines: string[]) => {
  const made = bench({ rows: 10 }).lines(...lines);
  const { site } = made.book;
  return drawPanel(site.panels[0]!, site);
};

describe('moves drawn', () => {
  const before = panelOf(['1 20', '3 20', '9+11 30', '14 covered']);
  const after = panelOf(['1 20', '13+15 30', '14 20']);
  const { left } = before.geometry;

  test('a step starts at the positions it leaves and ends at those it takes', () => {
    const { marks, shift } = drawMoves(before.geometry, after.geometry, [
      { from: ['c1r5', 'c1r6'], to: ['c1r7', 'c1r8'] },
      { from: ['c2r7'], to: [] },
      { from: [], to: ['c1r5', 'c1r6'] },
      { from: [], to: [] },
    ]);
    const [moved, off, blank, wire] = marks;
    expect(moved!.from).toMatchObject({ x: left.outer, y: rowTop(before.geometry, 5), height: 2 });
    expect(moved!.to).toMatchObject({
      x: after.geometry.left.outer + shift,
      y: rowTop(after.geometry, 7),
      height: 2,
    });
    expect(moved!.leader[0]!.y).toBe(moved!.from!.y + 2);
    expect(moved!.leader.at(-1)).toEqual({ x: moved!.to!.x, y: moved!.to!.y });
    expect(off!.to).toBeUndefined();
    expect(off!.from!.x).toBe(before.geometry.right.inner);
    expect(blank!.from).toBeUndefined();
    expect([wire!.node, wire!.leader]).toEqual([undefined, []]);
  });

  test('lines have right angles, each its own lane between the drawings', () => {
    const key = fc.tuple(fc.integer({ min: 1, max: 2 }), fc.integer({ min: 1, max: 10 }));
    fc.assert(
      fc.property(fc.array(fc.tuple(key, key), { maxLength: 14 }), (pairs) => {
        const said = ([column, row]: [number, number]) => [`c${column}r${row}`];
        const drawn = drawMoves(
          before.geometry,
          after.geometry,
          pairs.map(([from, to]) => ({ from: said(from), to: said(to) })),
        );
        const lanes = drawn.marks.map(({ node }) => node!.x);
        expect(new Set(lanes).size).toBe(pairs.length);
        for (const x of lanes) {
          expect(x).toBeGreaterThan(before.geometry.width);
          expect(x).toBeLessThan(drawn.shift);
        }
        for (const { leader } of drawn.marks)
          for (const [at, point] of leader.slice(1).entries()) {
            const last = leader[at]!;
            expect(point.x === last.x || point.y === last.y).toBe(true);
          }
      }),
      { numRuns: 60 },
    );
  });
});
