import { expect, test } from '@jest/globals';
import { familiesOfRows, familyColumns, familyRow } from '@/core/codes/families/family-rows';
import { shippedFamilies } from '@/core/codes/families/shipped';
import { circuitsFromCsv } from '../Circuits/csv';
import { csvOfRows, rowsOfCsv } from './csv';

test('the registry out as CSV and in again says the same', () =>
  expect(
    familiesOfRows(rowsOfCsv(csvOfRows(shippedFamilies.map(familyRow), familyColumns))),
  ).toEqual({ ok: true, value: shippedFamilies }));

test('a spreadsheet that parts its cells by semicolons is read', () =>
  expect(rowsOfCsv('id;name\nx;Panel, old')).toEqual([{ id: 'x', name: 'Panel, old' }]));

test('cells a spreadsheet would run as a formula come back as they were', () => {
  const rows = [{ id: '=1+1', name: '-5.2' }];
  const csv = csvOfRows(rows, ['id', 'name']);
  expect(csv).toContain("'=1+1");
  expect(rowsOfCsv(csv)).toEqual(rows);
});

test('a heading that names a column twice is refused', () =>
  expect(() => rowsOfCsv('id,id\n1,2')).toThrow(/twice/));

test('a table of 200,000 rows is not read: it is told how long it is, at once', () => {
  const long = `position,name\n${'1,hall\n'.repeat(200_000)}`;
  const began = Date.now();
  expect(() => rowsOfCsv(long)).toThrow('expected at most 5000 rows, got 200002');
  expect(circuitsFromCsv(long)).toEqual({
    faults: [{ row: 0, message: 'expected at most 5000 rows, got 200002' }],
  });
  expect(() => rowsOfCsv(`a\n${'x'.repeat(3_000_000)}`)).toThrow(/at most 2 million characters/);
  expect(Date.now() - began).toBeLessThan(500);
});
