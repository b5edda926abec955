import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { guarded, unguarded } from './cell-guard';

test.each([
  '=1+1',
  '+1',
  '-1',
  '@x',
  '\t=1',
  '\n=1',
  '\r=1',
  ' =1',
  '＝1',
  '＋1',
  '－1',
  '＠x',
  "'=1",
  '\ufeff=1',
])('%j runs in no spreadsheet', (cell) => {
  expect(guarded(cell)).toBe(`'${cell}`);
  expect(unguarded(guarded(cell))).toBe(cell);
});

test.each(['Hall', "Ferry's", "'quoted'", '12 AWG', ''])('%j stays as it is', (cell) =>
  expect([guarded(cell), unguarded(cell)]).toEqual([cell, cell]),
);

test('whatever is written is read again', () =>
  fc.assert(
    fc.property(
      fc.string({ unit: fc.constantFrom("'", '=', '-', '\n', '\t', ' ', 'a', '＝') }),
      (cell) => expect(unguarded(guarded(cell))).toBe(cell),
    ),
  ));
