import { describe, expect, test } from '@jest/globals';
import { drawPanel } from '../drawing/draw-panel';
import { bench } from '../../testing/bench';
import { gridOf } from './grid';
import { hottestAt, onPicture } from './map';
import { canCorners, terminalSpots, terminalTemperatures } from './terminal-spots';

const rows = (text: string) => text.split('\n').map((line) => line.split(','));

describe('a table of temperatures', () => {
  test('headings are passed over; least and most are found', () => {
    const read = gridOf(rows('camera,model\n20.5,21\n22,60.5'));
    expect(read).toMatchObject({
      ok: true,
      grid: { width: 2, height: 2, leastC: 20.5, mostC: 60.5 },
    });
  });
  test.each([
    ['no numbers at all', 'a,b\nc,d', 'no row of temperatures'],
    ['one row', '1,2', 'one row only'],
    ['a short row', '1,2\n3', 'row 2 has 1 cells, the first 2'],
    ['words among them', '1,2\n3,hot', 'row 2, column 2: expected °C from −60 to 1500, got hot'],
    ['no temperature of this world', '1,2\n3,9000', 'row 2, column 2'],
  ])('%s: says where', (_, text, fault) => {
    const read = gridOf(rows(text));
    expect(read.ok ? '' : read.fault).toContain(fault);
  });
});

describe('laid over the drawing', () => {
  const corners = {
    picture: [
      { x: 10, y: 20 },
      { x: 110, y: 220 },
    ] as [never, never],
    drawing: [
      { x: 0, y: 0 },
      { x: 10, y: 40 },
    ] as [never, never],
  };
  test('corners onto corners, the middle onto the middle', () => {
    expect(onPicture(corners, { x: 0, y: 0 })).toEqual({ x: 10, y: 20 });
    expect(onPicture(corners, { x: 5, y: 20 })).toEqual({ x: 60, y: 120 });
  });
  test('outside the picture there is no temperature', () => {
    const read = gridOf(rows('1,2,3\n4,5,6\n7,8,9'));
    if (!read.ok) throw new Error(read.fault);
    expect(hottestAt(read.grid, { x: 1, y: 1 }, 1)).toBe(9);
    expect(hottestAt(read.grid, { x: 40, y: 1 })).toBeUndefined();
  });
  test('a hot screw is found at its breaker', () => {
    const { site } = bench().lines('1 20 12cu', '8 20 12cu').assess();
    const panel = site.panels[0]!;
    const { geometry } = drawPanel(panel, site);
    const [, { x: width, y: height }] = canCorners(geometry);
    const scale = 10;
    const table = Array.from({ length: Math.round(height * scale) }, () =>
      Array.from({ length: Math.round(width * scale) }, () => '22'),
    );
    const hot = terminalSpots(panel, geometry).find(({ terminal }) => terminal.label === '8')!;
    table[Math.round(hot.spot.y * scale)]![Math.round(hot.spot.x * scale)] = '71';
    const read = gridOf(table);
    if (!read.ok) throw new Error(read.fault);
    const found = terminalTemperatures(
      read.grid,
      {
        picture: [
          { x: 0, y: 0 },
          { x: width * scale, y: height * scale },
        ],
        drawing: canCorners(geometry),
      },
      panel,
      geometry,
    );
    expect(Object.fromEntries(found.map(({ terminal, c }) => [terminal.label, c]))).toEqual({
      '1': 22,
      '8': 71,
    });
  });
});
