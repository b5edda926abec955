import type { ThermalGrid } from './grid';

export interface Spot {
  x: number;
  y: number;
}

/** Two corners, opposite each other: on the picture, and the same two on the drawing. */
export interface Corners {
  picture: [Spot, Spot];
  drawing: [Spot, Spot];
}

/** A point of the drawing where the picture shows it; each axis is stretched by itself. */
export function onPicture({ picture: [a, b], drawing: [c, d] }: Corners, at: Spot): Spot {
  const along = (value: number, from: number, to: number, low: number, high: number) =>
    to === from ? low : low + ((value - from) / (to - from)) * (high - low);
  return { x: along(at.x, c.x, d.x, a.x, b.x), y: along(at.y, c.y, d.y, a.y, b.y) };
}

/** Highest °C within some points around a spot; undefined outside the picture. */
export function hottestAt(
  { width, height, cells }: ThermalGrid,
  { x, y }: Spot,
  around = 1,
): number | undefined {
  const [column, row] = [Math.round(x), Math.round(y)];
  if (column < 0 || row < 0 || column >= width || row >= height) return undefined;
  let most = -Infinity;
  for (let r = Math.max(0, row - around); r <= Math.min(height - 1, row + around); r += 1)
    for (let c = Math.max(0, column - around); c <= Math.min(width - 1, column + around); c += 1)
      most = Math.max(most, cells[r * width + c]!);
  return most;
}
