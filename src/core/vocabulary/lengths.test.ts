import { describe, expect, test } from '@jest/globals';
import { us2020 } from '../codes/yardstick/us-2020';
import { meets } from '../codes/yardstick/length-limit';
import { lengthWords, mmOf, parseLength } from './lengths';

describe('lengths keep their number and unit as entered', () => {
  test.each([
    ['820', 'mm', 820, 820],
    ['820 mm', 'in', 820, 820],
    ['32', 'in', { value: 32, unit: 'in' }, 812.8],
    ['32 in', 'mm', { value: 32, unit: 'in' }, 812.8],
    ['2.5 m', 'mm', { value: 2.5, unit: 'm' }, 2500],
    ['2,5 m', 'mm', { value: 2.5, unit: 'm' }, 2500],
    ['3 ft', 'mm', { value: 3, unit: 'ft' }, 914.4],
    ['2 ft 8 in', 'mm', { value: 32, unit: 'in' }, 812.8],
    [`2' 8"`, 'mm', { value: 32, unit: 'in' }, 812.8],
  ] as const)('%s, bare numbers in %s', (words, bare, length, mm) => {
    const read = parseLength(words, bare)!;
    expect(read).toEqual(length);
    expect(mmOf(read)).toBeCloseTo(mm, 6);
    expect(parseLength(lengthWords(read), bare)).toEqual(read);
  });
  test.each(['', 'wide', '3 yards', '-3 mm', '3 4'])('%s is no length', (words) =>
    expect(parseLength(words, 'mm')).toBeUndefined(),
  );
});

test('meeting the source’s unit or its metric twin passes', () => {
  const { workingDepth } = us2020;
  expect(meets({ value: 3, unit: 'ft' }, workingDepth)).toBe(true);
  expect(meets({ value: 36, unit: 'in' }, workingDepth)).toBe(true);
  expect(meets(914, workingDepth)).toBe(true);
  expect(meets(913, workingDepth)).toBe(false);
  expect(meets({ value: 35.9, unit: 'in' }, workingDepth)).toBe(false);
});
