import type { Shape, Tone } from './shapes';

interface Frame {
  x: number;
  y: number;
  width: number;
  height: number;
}

const escaped = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;');

/** Shapes as a standing SVG document, inches as user units, in one palette. */
export function svgText(
  shapes: readonly Shape[],
  palette: Readonly<Record<Tone, string>>,
  frame: Frame,
  widthPx: number,
): string {
  const body = shapes.map((shape) =>
    shape.kind === 'path'
      ? `<path d="${shape.d}" fill="${shape.fill ? palette[shape.fill] : 'none'}"${shape.stroke ? ` stroke="${palette[shape.stroke]}" stroke-width="${shape.width ?? 0.02}"` : ''}${shape.dashed ? ' stroke-dasharray="0.14 0.1"' : ''}${shape.opacity === undefined ? '' : ` opacity="${shape.opacity}"`}/>`
      : `<text x="${shape.x}" y="${shape.y}" font-size="${shape.size}" font-family="DejaVu Sans, sans-serif" font-weight="${shape.bold ? 700 : 400}" text-anchor="${shape.anchor}" fill="${palette[shape.tone]}">${escaped(shape.text)}</text>`,
  );
  const { x, y, width, height } = frame;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${x} ${y} ${width} ${height}" width="${widthPx}" height="${Math.round((widthPx * height) / width)}">${body.join('')}</svg>`;
}
