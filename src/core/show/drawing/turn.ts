import type { Point, Shape } from './shapes';
import { n } from './shapes';

/** Parts of a path's data: a command letter with its numbers. */
const parts = /([MLHVCQhvlazZ])([^MLHVCQhvlazZ]*)/g;

/**
 * A drawing turned a quarter clockwise, as a panel that hangs sideways: its top is at the right.
 * Figures stay upright; words in the margin run along.
 * @param height of the drawing before it is turned, inches
 */
export function turnShapes(shapes: readonly Shape[], height: number): Shape[] {
  return shapes.map((shape): Shape => {
    if (shape.kind === 'path') return { ...shape, d: turnPath(shape.d, height) };
    const { x, y } = turnPoint(shape, height);
    if (shape.layer === 'labels') return { ...shape, x, y, turned: true };
    // Upright figures keep their middle where it was: half a letter's height off the baseline.
    const half = shape.size * 0.35;
    const middle = turnPoint({ x: shape.x, y: shape.y - half }, height);
    return { ...shape, x: middle.x, y: middle.y + half };
  });
}

export const turnPoint = ({ x, y }: Point, height: number): Point => ({ x: height - y, y: x });

/** A quarter turn of path data: (x, y) becomes (height − y, x). */
export function turnPath(d: string, height: number): string {
  let turned = '';
  for (const [, command, rest] of d.matchAll(parts)) {
    const numbers = (rest!.match(/-?\d*\.?\d+(?:e-?\d+)?/g) ?? []).map(Number);
    turned += turnCommand(command!, numbers, height);
  }
  return turned;
}

function turnCommand(command: string, numbers: readonly number[], height: number): string {
  switch (command) {
    case 'H':
      return `V${n(numbers[0]!)}`;
    case 'V':
      return `H${n(height - numbers[0]!)}`;
    case 'h':
      return `v${n(numbers[0]!)}`;
    case 'v':
      return `h${n(-numbers[0]!)}`;
    case 'a': {
      const arcs: string[] = [];
      for (let at = 0; at + 6 < numbers.length; at += 7) {
        const [rx, ry, , large, sweep, dx, dy] = numbers.slice(at, at + 7) as number[];
        arcs.push(`${n(ry!)} ${n(rx!)} 0 ${large} ${sweep} ${n(-dy!)} ${n(dx!)}`);
      }
      return `a${arcs.join(' ')}`;
    }
    case 'l':
    case 'M':
    case 'L':
    case 'C':
    case 'Q': {
      const pairs: string[] = [];
      for (let at = 0; at + 1 < numbers.length; at += 2) {
        const [x, y] = [numbers[at]!, numbers[at + 1]!];
        pairs.push(command === 'l' ? `${n(-y)} ${n(x)}` : `${n(height - y)} ${n(x)}`);
      }
      return command + pairs.join(' ');
    }
    default:
      return 'z';
  }
}
