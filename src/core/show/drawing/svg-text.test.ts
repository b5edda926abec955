import { describe, expect, test } from '@jest/globals';
import { bench } from '../../testing/bench';
import { drawPanel } from './draw-panel';
import { paperPalette } from './palette';
import { shapesText, svgText } from './svg-text';

const shapes = () => {
  const { site } = bench().lines('main 100', '7 20 12cu:w <b>&"x"').assess();
  return drawPanel(site.panels[0]!, site).shapes;
};

describe('shapes as SVG text', () => {
  test('have an element each, and words that cannot become elements', () => {
    const drawn = shapes();
    const text = shapesText(drawn, (tone) => `var(--d-${tone})`);
    expect(text.match(/<(path|text) /g)).toHaveLength(drawn.length);
    expect(text).not.toMatch(/<(?!\/?(?:path|text)\b)/);
  });
  test('take every colour from the palette they are given', () => {
    const text = svgText(shapes(), paperPalette, { x: 0, y: 0, width: 10, height: 5 }, 200);
    expect(text).toContain('width="200" height="100"');
    expect(text).not.toContain('undefined');
    const colours = [...text.matchAll(/(?:fill|stroke)="(#[0-9a-f]{6})"/g)].map(([, hex]) => hex);
    expect(new Set(colours).size).toBeGreaterThan(5);
    for (const hex of colours) expect(Object.values(paperPalette)).toContain(hex);
  });
});
