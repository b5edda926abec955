import type { Move } from '../../advise/planning/moves';
import { columnAndRowOf, covered } from '../../advise/placing/placement-problem';
import type { Geometry } from './geometry';
import { bodyLength, boxOnSheet, rowTop, sheetSize } from './geometry';
import type { Point } from './shapes';

interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** What moves, between a drawing as found at the left and one as it would be at the right, in inches. */
export interface MovesDrawing {
  width: number;
  height: number;
  /** How far right the drawing after the work stands. */
  shift: number;
  /** Step by step, in their order: what is left, what is taken, and the line from one to the other. */
  marks: readonly {
    /** Its number in the list, from 1. */
    step: number;
    from: Box | undefined;
    to: Box | undefined;
    /** Points of a line with right angles; none for what has no place of its own on a position. */
    leader: readonly Point[];
    /** Where its number stands. */
    node: Point | undefined;
  }[];
}

/** Between two lines that run down the gutter, inches. */
const lane = 1.1;

/** Lays lines between what a step leaves and what it takes, each in a lane of its own between the drawings. */
export function drawMoves(
  before: Geometry,
  after: Geometry,
  steps: readonly Pick<Move, 'from' | 'to' | 'into'>[],
): MovesDrawing {
  const left = sheetSize(before);
  const right = sheetSize(after);
  const drawn = steps.filter(({ from, to }) => from.length + to.length > 0).length;
  const gutter = Math.max(2.4, (drawn + 1) * lane);
  const shift = left.width + gutter;
  let nth = 0;
  const marks = steps.map(({ from, to: taken, into = [] }, index) => {
    const to = taken.length > 0 ? taken : into;
    const step = index + 1;
    if (from.length + to.length === 0)
      return { step, from: undefined, to: undefined, leader: [], node: undefined };
    nth += 1;
    const x = left.width + nth * lane + (gutter - (drawn + 1) * lane) / 2;
    const source = boxOf(before, from);
    const target = boxOf(after, to, shift);
    const inPlace = from.length > 0 && from.join() === to.join();
    // Along the seams between rows, so that no figure is crossed out.
    const start =
      source && !inPlace ? { x: source.x + source.width, y: source.y + source.height } : undefined;
    const end = target && { x: target.x, y: target.y };
    const leader = [
      ...(start ? [start, { x, y: start.y }] : []),
      ...(end ? [{ x, y: end.y }, end] : []),
    ];
    const [a, b] = [start?.y ?? end!.y, end?.y ?? start!.y];
    return { step, from: source, to: target, leader, node: { x, y: (a + b) / 2 } };
  });
  return {
    width: shift + right.width,
    height: Math.max(left.height, right.height),
    shift,
    marks,
  };
}

/** The box of positions that lie one under the other. */
function boxOf(geometry: Geometry, keys: readonly string[], shift = 0): Box | undefined {
  const [first] = keys;
  if (first === undefined) return undefined;
  const [column, row] = columnAndRowOf(first);
  const together = covered(first, keys.length).every((key, at) => key === keys[at]);
  const height = together ? rowTop(geometry, row + keys.length - 1) + 1 - rowTop(geometry, row) : 1;
  const box = boxOnSheet(geometry, {
    x: column === 1 ? geometry.left.outer : geometry.right.inner,
    y: rowTop(geometry, row),
    width: bodyLength,
    height,
  });
  return { ...box, x: box.x + shift };
}
