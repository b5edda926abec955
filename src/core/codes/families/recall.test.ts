import { expect, test } from '@jest/globals';
import { isCalledBack, recallsOf } from './recall';
import { shippedRecalls } from './shipped-recalls';

const [recall] = shippedRecalls;

test.each([
  ['1501', true],
  ['1519', true],
  ['1526', true],
  ['1527', false],
  ['1452', false],
  [' 1519 ', true],
  ['15W19', undefined],
])('date code %s: called back %s', (code, expected) =>
  expect(isCalledBack(recall!, code)).toBe(expected),
);
test('a recall of every code asks for none', () =>
  expect(isCalledBack({ ...recall!, codes: null }, 'x')).toBe(true));
test('found by maker and type, whatever the case', () => {
  expect(recallsOf(shippedRecalls, 'tarnholt', 'tb-15g')).toEqual([recall]);
  expect(recallsOf(shippedRecalls, 'Merrowby', 'TB-15G')).toEqual([]);
});
