import { describe, expect, test } from '@jest/globals';
import { gallery } from '../../testing/gallery';
import { drawPanel } from './draw-panel';
import { sheetSize } from './geometry';
import { shapesText } from './svg-text';

describe.each(gallery)('%s', (_, make) => {
  const { site } = make().book;
  const [panel] = site.panels;
  const { geometry, shapes } = drawPanel(panel!, site);
  const text = shapesText(shapes, (tone) => tone);
  const { width, height } = sheetSize(geometry);

  test('is drawn in numbers', () => {
    expect(text).not.toMatch(/NaN|undefined|Infinity/);
    expect(width * height).toBeGreaterThan(0);
  });

  test('shows the number of each position that holds or lacks a breaker', () => {
    if (geometry.rows === 0) return;
    const printed = shapes.flatMap((shape) => (shape.kind === 'text' ? shape.text : []));
    const single = panel!.devices.filter(({ height: rows, half }) => rows === 1 && !half);
    for (const { number } of single) expect(printed).toContain(String(number));
  });

  test('shows the rating of each breaker that has one', () => {
    const printed = shapes.flatMap((shape) => (shape.kind === 'text' ? shape.text : []));
    for (const { terminals } of geometry.rows === 0 ? [] : panel!.devices)
      for (const { handleA } of terminals)
        if (handleA !== undefined) expect(printed.join(' ')).toContain(String(handleA));
  });

  test('keeps every word within the sheet and its margins', () => {
    for (const shape of shapes)
      if (shape.kind === 'text') {
        expect(shape.x).toBeGreaterThan(-9.4);
        expect(shape.x).toBeLessThan(width + 9.4);
        expect(shape.y).toBeGreaterThan(-1);
        expect(shape.y).toBeLessThan(height + 1);
      }
  });

  test('is the same however its entries are drawn again', () =>
    expect(drawPanel(make().book.site.panels[0]!, make().book.site).shapes).toEqual(shapes));
});
