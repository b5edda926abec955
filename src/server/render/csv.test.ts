import { expect, test } from '@jest/globals';
import { parse } from 'csv-parse/sync';
import { csvOf } from './csv';

test('cells come back as they were, and none is one that a spreadsheet would run', () => {
  const rows = [
    ['=SUM(A1)', 'a, b'],
    ['-5.2', 'said "no"'],
    ['@home', 'two\nlines'],
  ];
  const text = csvOf({ columns: ['one', 'two'], rows });
  expect(parse(text, { bom: true })).toEqual([
    ['one', 'two'],
    ["'=SUM(A1)", 'a, b'],
    ["'-5.2", 'said "no"'],
    ["'@home", 'two\nlines'],
  ]);
});
