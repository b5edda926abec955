import type { Wire } from './route';
import type { Point } from './shapes';
import { n } from './shapes';

/** The wire's line: one cubic out of the jacket with upright tangents, then runs with round corners. */
export function wirePath({ points, radius }: Pick<Wire, 'points' | 'radius'>): string {
  const [start, sheaf, ...runs] = points as [Point, Point, ...Point[]];
  const drop = (sheaf.y - start.y) * 0.55;
  const from = `M${n(start.x)} ${n(start.y)}`;
  const cubic = `C${n(start.x)} ${n(start.y + drop)} ${n(sheaf.x)} ${n(sheaf.y - drop)} ${n(sheaf.x)} ${n(sheaf.y)}`;
  return from + cubic + roundedRuns([sheaf, ...runs], radius);
}

function roundedRuns(points: readonly Point[], radius: number): string {
  let d = '';
  for (let index = 1; index < points.length; index += 1) {
    const [before, corner, after] = [points[index - 1]!, points[index]!, points[index + 1]];
    if (!after) {
      d += `L${n(corner.x)} ${n(corner.y)}`;
      continue;
    }
    const [into, out] = [distance(before, corner), distance(corner, after)];
    const r = Math.min(radius, into / 2, out / 2);
    const a = towards(corner, before, r);
    const b = towards(corner, after, r);
    d += `L${n(a.x)} ${n(a.y)}Q${n(corner.x)} ${n(corner.y)} ${n(b.x)} ${n(b.y)}`;
  }
  return d;
}

const distance = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y);

function towards(from: Point, to: Point, by: number): Point {
  const length = distance(from, to) || 1;
  return {
    x: from.x + ((to.x - from.x) / length) * by,
    y: from.y + ((to.y - from.y) / length) * by,
  };
}

/** Points along the wire, close enough to test for crossings: the sheaf sampled, the runs' corners. */
export function wirePolyline({ points }: Pick<Wire, 'points'>, steps = 24): Point[] {
  const [start, sheaf, ...runs] = points as [Point, Point, ...Point[]];
  const drop = (sheaf.y - start.y) * 0.55;
  const sampled = Array.from({ length: steps }, (_, index) => {
    const t = index / steps;
    const u = 1 - t;
    const mix = (a: number, b: number, c: number, d: number) =>
      u ** 3 * a + 3 * u * u * t * b + 3 * u * t * t * c + t ** 3 * d;
    return {
      x: mix(start.x, start.x, sheaf.x, sheaf.x),
      y: mix(start.y, start.y + drop, sheaf.y - drop, sheaf.y),
    };
  });
  return [...sampled, sheaf, ...runs];
}
