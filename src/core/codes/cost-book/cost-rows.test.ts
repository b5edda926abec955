import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { describeFault } from '../../vocabulary/fault';
import type { CostBook } from './cost-book';
import { bookOfRows, costRows } from './cost-rows';
import { partIds } from './part-id';
import { shippedCostBook } from './shipped';

const amount = fc.double({ min: 0, max: 100_000, noNaN: true });
const range = fc
  .tuple(amount, amount, amount)
  .map((three) => [...three].sort((a, b) => a - b))
  .map(([low, likely, high]) => ({ low: low!, likely: likely!, high: high! }));

const anyBook: fc.Arbitrary<CostBook> = fc.record({
  version: fc.integer({ min: 1, max: 99 }),
  currency: fc.constantFrom('$', '£', 'kr'),
  labourRatePerHour: amount,
  callOutFee: amount,
  utilityFee: amount,
  parts: fc.record(Object.fromEntries(partIds.map((id) => [id, range]))),
});

describe('a cost book as rows', () => {
  test('comes back without loss', () => {
    fc.assert(
      fc.property(anyBook, (book) => {
        expect(bookOfRows(costRows(book), { ...shippedCostBook, version: book.version })).toEqual({
          ok: true,
          value: book,
        });
      }),
      { numRuns: 100, seed: 16 },
    );
  });

  test('lines that are not there stay as they were', () => {
    const read = bookOfRows([{ line: 'labour-hour', likely: '110' }], shippedCostBook);
    expect(read).toEqual({ ok: true, value: { ...shippedCostBook, labourRatePerHour: 110 } });
  });

  test.each([
    [
      { line: 'blank', low: '1', likely: '', high: '3' },
      'line 2.likely: expected an amount of 0 or more, got nothing',
    ],
    [
      { line: 'blank', low: '5', likely: '4', high: '9' },
      'line 2: expected low ≤ likely ≤ high, got 5, 4, 9',
    ],
    [{ line: 'gold', likely: '4' }, 'line 2: expected a line of the cost book, got gold'],
    [{ line: 'call-out', likely: '-3' }, 'line 2.likely: expected an amount of 0 or more, got -3'],
  ])('%j is refused with its place', (row, words) => {
    const read = bookOfRows([row], shippedCostBook);
    expect(read.ok ? [] : read.faults.map(describeFault)).toEqual([words]);
  });

  test('a line twice is refused', () => {
    const row = { line: 'utility', likely: '4' };
    const read = bookOfRows([row, row], shippedCostBook);
    expect(read.ok ? [] : read.faults.map(describeFault)).toEqual([
      'line 3: expected each line once, got utility again',
    ]);
  });
});
