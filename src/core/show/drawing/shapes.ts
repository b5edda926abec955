/** The drawing as data: shapes in inches of the real panel, origin top left of the enclosure. */
export type Shape = PathShape | TextShape;

/** Names of colours; each theme and the report give them values. */
export type Tone =
  | 'can'
  | 'back'
  | 'pan'
  | 'steel'
  | 'edge'
  | 'bar'
  | 'screw'
  | 'screw-edge'
  | 'lug'
  | 'bus'
  | 'bus-edge'
  | 'body'
  | 'body-edge'
  | 'handle'
  | 'figure'
  | 'number'
  | 'plate'
  | 'plate-edge'
  | 'ink'
  | 'ink2'
  | 'ink3'
  | 'hair'
  | 'green'
  | 'heat'
  | `wire-${WireTone}`
  | `wire-${WireTone}-edge`
  | `jacket-${JacketTone}`;

export type WireTone =
  | 'black'
  | 'red'
  | 'blue'
  | 'orange'
  | 'brown'
  | 'yellow'
  | 'white'
  | 'grey'
  | 'green'
  | 'bare'
  | 'aluminium'
  | 'unknown';
export type JacketTone =
  'woven' | 'white' | 'yellow' | 'orange' | 'black' | 'blue' | 'silver' | 'steel' | 'unknown';

/** Drawn from first to last. */
export const layers = [
  'can',
  'bus',
  'service',
  'bare',
  'neutral',
  'hot',
  'bars',
  'bodies',
  'ends',
  'screws',
  'figures',
  'labels',
] as const;
export type Layer = (typeof layers)[number];

export interface PathShape {
  kind: 'path';
  layer: Layer;
  d: string;
  fill?: Tone;
  stroke?: Tone;
  /** Inches. */
  width?: number;
  dashed?: boolean;
  opacity?: number;
  round?: boolean;
}

export interface TextShape {
  kind: 'text';
  layer: Layer;
  x: number;
  y: number;
  text: string;
  /** Cap to baseline font size, inches. */
  size: number;
  anchor: 'start' | 'middle' | 'end';
  tone: Tone;
  bold?: boolean;
  /** Runs downwards, a quarter turn clockwise. */
  turned?: boolean;
}

export interface Point {
  x: number;
  y: number;
}

/** Three decimals: a hundredth of a millimetre on paper. */
export const n = (value: number) => String(Math.round(value * 1000) / 1000);

export const rectPath = (x: number, y: number, width: number, height: number, r = 0) =>
  r === 0
    ? `M${n(x)} ${n(y)}h${n(width)}v${n(height)}h${n(-width)}z`
    : `M${n(x + r)} ${n(y)}h${n(width - 2 * r)}a${n(r)} ${n(r)} 0 0 1 ${n(r)} ${n(r)}v${n(height - 2 * r)}` +
      `a${n(r)} ${n(r)} 0 0 1 ${n(-r)} ${n(r)}h${n(2 * r - width)}a${n(r)} ${n(r)} 0 0 1 ${n(-r)} ${n(-r)}` +
      `v${n(2 * r - height)}a${n(r)} ${n(r)} 0 0 1 ${n(r)} ${n(-r)}z`;

export const circlePath = (x: number, y: number, r: number) =>
  `M${n(x - r)} ${n(y)}a${n(r)} ${n(r)} 0 1 0 ${n(2 * r)} 0a${n(r)} ${n(r)} 0 1 0 ${n(-2 * r)} 0z`;

export const linePath = (...points: Point[]) =>
  points.map((point, index) => `${index === 0 ? 'M' : 'L'}${n(point.x)} ${n(point.y)}`).join('');
