import { describe, expect, test } from '@jest/globals';
import { turnPath, turnPoint } from './turn';

describe('a quarter turn', () => {
  test.each([
    ['M1 2L3 4', 'M8 1L6 3'],
    ['M0 0H4V5', 'M10 0V4H5'],
    ['M1 1h2v-3z', 'M9 1v2h3z'],
    ['M0 0C1 2 3 4 5 6', 'M10 0C8 1 6 3 4 5'],
    ['M2 2a1 1 0 1 0 2 0', 'M8 2a1 1 0 1 0 0 2'],
    ['M1 1l2 3 4 -1', 'M9 1l-3 2 1 4'],
  ])('%s', (before, after) => expect(turnPath(before, 10)).toBe(after));

  test('four turns of a square bring a point back', () => {
    let point = { x: 2, y: 7 };
    for (let turn = 0; turn < 4; turn += 1) point = turnPoint(point, 10);
    expect(point).toEqual({ x: 2, y: 7 });
  });
});
