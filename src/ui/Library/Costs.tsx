import { useState } from 'react';
import type { CostRow } from '@/core/codes/cost-book/cost-rows';
import { bookOfRows, costColumns, costRows } from '@/core/codes/cost-book/cost-rows';
import { describeFault } from '@/core/vocabulary/fault';
import { csvOfRows, rowsOfCsv } from '../primitives/csv';
import { saveFile } from '../primitives/save-file';
import { holds, Search } from './Search';
import type { LibraryTab } from './tab';

const amounts = ['low', 'likely', 'high'] as const;

/** What work and parts cost: edited here, carried out and in as CSV. Estimates, not offers. */
export function Costs({ settings, save }: LibraryTab) {
  const { costBook } = settings;
  const [rows, setRows] = useState<readonly CostRow[]>(() => costRows(costBook));
  const [words, setWords] = useState('');
  const [said, setSaid] = useState('');
  const keep = async (next: readonly CostRow[]) => {
    const read = bookOfRows(next, costBook);
    if (!read.ok) {
      setSaid(read.faults.slice(0, 4).map(describeFault).join('; '));
      return;
    }
    const fault = await save({ ...settings, costBook: read.value });
    setSaid(fault ?? 'Kept. Plans made from now on use it.');
    if (fault === undefined) setRows(costRows(read.value));
  };
  const load = async (file: File | undefined) => {
    if (!file) return;
    try {
      await keep(rowsOfFile(rowsOfCsv(await file.text())));
    } catch (error) {
      setSaid(`${file.name}: ${(error as Error).message}`);
    }
  };
  const set = (line: string, column: (typeof amounts)[number], value: string) =>
    setRows((before) =>
      before.map((row) => (row.line === line ? { ...row, [column]: value } : row)),
    );
  return (
    <form
      className="mx-auto grid max-w-4xl gap-4 p-4"
      onSubmit={(event) => {
        event.preventDefault();
        void keep(rows);
      }}
    >
      <p className="text-ink2">
        Version {costBook.version} of the cost book. A plan says which version it used. Figures are
        estimates of this office, not offers.
      </p>
      <div className="flex flex-wrap items-center gap-2">
        <Search label="Search the cost book" words={words} setWords={setWords} />
        <button className="act act-main">Keep these figures</button>
        <button
          type="button"
          className="act"
          onClick={() =>
            saveFile('cost-book.csv', csvOfRows(costRows(costBook), costColumns), 'text/csv')
          }
        >
          Save as CSV
        </button>
        <label className="act">
          Load CSV
          <input
            type="file"
            className="sr-only"
            accept=".csv"
            onChange={(event) => void load(event.target.files?.[0])}
          />
        </label>
        <span role="status">{said}</span>
      </div>
      <table className="w-full">
        <thead>
          <tr className="text-ink2 text-left">
            <th>Line</th>
            {amounts.map((column) => (
              <th key={column} className="w-28 pl-2 capitalize">
                {column}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows
            .filter((row) => holds(row.words, words))
            .map((row) => (
              <tr key={row.line} className="border-hair border-t">
                <th scope="row" className="py-1 text-left font-normal">
                  {row.words}
                </th>
                {amounts.map((column) => (
                  <td key={column} className="py-1 pl-2">
                    {row[column] !== '' || column === 'likely' || row.low !== '' ? (
                      <input
                        className="field text-right"
                        aria-label={`${row.words}, ${column}`}
                        inputMode={row.line === 'currency' ? 'text' : 'decimal'}
                        value={row[column]}
                        onChange={(event) => set(row.line, column, event.target.value)}
                      />
                    ) : null}
                  </td>
                ))}
              </tr>
            ))}
        </tbody>
      </table>
    </form>
  );
}

/** Rows of a file by the columns of the book; what it does not name stays as it was. */
const rowsOfFile = (rows: readonly Record<string, string>[]): readonly CostRow[] =>
  rows.map((row) => ({
    line: row['line'] ?? '',
    words: row['words'] ?? '',
    low: row['low'] ?? '',
    likely: row['likely'] ?? '',
    high: row['high'] ?? '',
  }));
