import { parse } from 'csv-parse/browser/esm/sync';
import { stringify } from 'csv-stringify/browser/esm/sync';
import { guarded, unguarded } from '@/core/record/package/cell-guard';

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
