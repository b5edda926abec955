import type { Shape, Tone } from './shapes';
import { layers } from './shapes';

interface Frame {
  x: number;
  y: number;
  width: number;
  height: number;
}

const escaped = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;');

/** Shapes as elements of SVG, inches as user units, layer by layer. @param colourOf what a tone is there */
export function shapesText(shapes: readonly Shape[], colourOf: (tone: Tone) => string): string {
  return layers
    .flatMap((layer) => shapes.filter((shape) => shape.layer === layer))
    .map((shape) => shapeText(shape, colourOf))
    .join('');
}

function shapeText(shape: Shape, colourOf: (tone: Tone) => string): string {
  if (shape.kind === 'text')
    return `<text x="${shape.x}" y="${shape.y}" font-size="${shape.size}" font-weight="${shape.bold ? 700 : 400}" text-anchor="${shape.anchor}"${shape.turned ? ` transform="rotate(90 ${shape.x} ${shape.y})"` : ''} fill="${colourOf(shape.tone)}">${escaped(shape.text)}</text>`;
  const stroke = shape.stroke
    ? ` stroke="${colourOf(shape.stroke)}" stroke-width="${shape.width ?? 0.02}"`
    : '';
  return `<path d="${shape.d}" fill="${shape.fill ? colourOf(shape.fill) : 'none'}"${stroke}${shape.dashed ? ' stroke-dasharray="0.14 0.1"' : ''}${shape.round ? ' stroke-linecap="round"' : ''}${shape.opacity === undefined ? '' : ` opacity="${shape.opacity}"`}/>`;
}

/** Shapes as a standing SVG document in one palette. */
export function svgText(
  shapes: readonly Shape[],
  palette: Readonly<Record<Tone, string>>,
  { x, y, width, height }: Frame,
  widthPx: number,
): string {
  const body = shapesText(shapes, (tone) => palette[tone]);
  return `<svg xmlns="http://www.w3.org/2000/svg" font-family="DejaVu Sans, sans-serif" viewBox="${x} ${y} ${width} ${height}" width="${widthPx}" height="${Math.round((widthPx * height) / width)}">${body}</svg>`;
}
