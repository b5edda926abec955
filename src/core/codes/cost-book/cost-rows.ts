import * as v from 'valibot';
import type { Fault, Parsed } from '../../vocabulary/fault';
import { faultsOf } from '../../vocabulary/fault';
import type { CostBook, Range } from './cost-book';
import { costBookSchema } from './cost-book';
import type { PartId } from './part-id';
import { partIds, partWords } from './part-id';
import { priceOf } from './price';

export const costColumns = ['line', 'words', 'low', 'likely', 'high'] as const;
export type CostRow = Record<(typeof costColumns)[number], string>;

/** Lines that are no parts: one figure each, in the column "likely". */
const single = {
  currency: 'Sign before an amount',
  'labour-hour': 'Labour, an hour',
  'call-out': 'Call-out, a visit',
  utility: 'Utility’s fee',
} as const;

/** A cost book as rows of a spreadsheet, nothing rounded. */
export function costRows(book: CostBook): CostRow[] {
  const one = (line: keyof typeof single, value: string | number): CostRow => ({
    line,
    words: single[line],
    low: '',
    likely: String(value),
    high: '',
  });
  return [
    one('currency', book.currency),
    one('labour-hour', book.labourRatePerHour),
    one('call-out', book.callOutFee),
    one('utility', book.utilityFee),
    ...partIds.map((part): CostRow => {
      const { low, likely, high } = priceOf(book, part);
      return {
        line: part,
        words: partWords[part],
        low: String(low),
        likely: String(likely),
        high: String(high),
      };
    }),
  ];
}

const isPart = (line: string): line is PartId => (partIds as readonly string[]).includes(line);

/**
 * A cost book from rows: lines that are not there stay as they were. Faults name the line of the
 * file, the heading being line 1, and the column.
 */
export function bookOfRows(
  rows: readonly Readonly<Record<string, string>>[],
  before: CostBook,
): Parsed<CostBook> {
  const faults: Fault[] = [];
  const book: CostBook = { ...before, parts: { ...before.parts } };
  const seen = new Set<string>();
  rows.forEach((row, at) => {
    const path = `line ${at + 2}`;
    const line = (row['line'] ?? '').trim();
    const amount = (column: 'low' | 'likely' | 'high') => {
      const text = (row[column] ?? '').trim();
      const value = Number(text);
      if (text !== '' && Number.isFinite(value) && value >= 0) return value;
      faults.push({
        path: `${path}.${column}`,
        expected: 'an amount of 0 or more',
        got: text || 'nothing',
      });
      return 0;
    };
    if (seen.has(line)) faults.push({ path, expected: 'each line once', got: `${line} again` });
    seen.add(line);
    if (line === 'currency') book.currency = (row['likely'] ?? '').trim();
    else if (line === 'labour-hour') book.labourRatePerHour = amount('likely');
    else if (line === 'call-out') book.callOutFee = amount('likely');
    else if (line === 'utility') book.utilityFee = amount('likely');
    else if (isPart(line)) {
      const known = faults.length;
      const range: Range = { low: amount('low'), likely: amount('likely'), high: amount('high') };
      if (faults.length === known && (range.low > range.likely || range.likely > range.high))
        faults.push({
          path,
          expected: 'low ≤ likely ≤ high',
          got: `${range.low}, ${range.likely}, ${range.high}`,
        });
      book.parts[line] = range;
    } else faults.push({ path, expected: 'a line of the cost book', got: line || 'nothing' });
  });
  if (faults.length > 0) return { ok: false, faults };
  const read = v.safeParse(costBookSchema, book);
  return read.success
    ? { ok: true, value: read.output }
    : { ok: false, faults: faultsOf(read.issues, 'cost book') };
}
