import { parse } from 'csv-parse/browser/esm/sync';
import { stringify } from 'csv-stringify/browser/esm/sync';
import { guarded, unguarded } from '@/core/record/package/cell-guard';

/** What a table may be: far beyond any panel, registry or book of costs, and read in a moment. */
const mostRows = 5000;
const mostCharacters = 2_000_000;

/** Why a table is not read at all: it is longer than any that is meant. Undefined where it may be. */
export function tooLong(text: string): string | undefined {
  if (text.length > mostCharacters)
    return `expected at most ${mostCharacters / 1e6} million characters, got ${(text.length / 1e6).toFixed(1)} million`;
  let rows = 1;
  for (let at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n', at + 1)) rows += 1;
  return rows > mostRows ? `expected at most ${mostRows} rows, got ${rows}` : undefined;
}

/** Rows of words under a heading. */
export const csvOfRows = <C extends string>(
  rows: readonly Record<C, string>[],
  columns: readonly C[],
): string =>
  stringify(
    rows.map((row) => columns.map((column) => guarded(row[column]))),
    { header: true, columns: [...columns], bom: true },
  );

/** The heading has no cell with a comma, semicolon or tab in it: its commonest is what parts the cells. */
function delimiterOf(text: string): string {
  const [heading = ''] = text.split(/\r?\n/, 1);
  const count = (mark: string) => heading.split(mark).length;
  return [',', ';', '\t'].reduce((a, b) => (count(b) > count(a) ? b : a));
}

/** Rows by the names of the heading, in small letters. Throws where it is no table, saying where. */
export function rowsOfCsv(text: string): Record<string, string>[] {
  const trouble = tooLong(text);
  if (trouble) throw new Error(trouble);
  const cells = parse(text, {
    bom: true,
    delimiter: delimiterOf(text),
    skip_empty_lines: true,
    trim: true,
  }) as string[][];
  const heading = cells[0] ?? [];
  if (new Set(heading).size < heading.length)
    throw new Error('a column stands twice in the heading');
  return cells
    .slice(1)
    .map((row) =>
      Object.fromEntries(heading.map((name, index) => [name, unguarded(row[index] ?? '')])),
    );
}
