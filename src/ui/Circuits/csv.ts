import { parse } from 'csv-parse/browser/esm/sync';
import type { CircuitRow, RowFault } from '@/core/fieldwork/circuit-table/circuit-rows';
import { circuitColumns } from '@/core/fieldwork/circuit-table/circuit-rows';
import { unguarded } from '@/core/record/package/cell-guard';
import { csvOfRows, tooLong } from '../primitives/csv';

export const circuitsToCsv = (rows: readonly CircuitRow[]): string =>
  csvOfRows(rows, circuitColumns);

/** Reads comma, semicolon or tab separated rows under a heading of known columns, in any order. */
export function circuitsFromCsv(
  text: string,
): { rows: Partial<CircuitRow>[] } | { faults: RowFault[] } {
  const trouble = tooLong(text);
  if (trouble) return { faults: [{ row: 0, message: trouble }] };
  let cells: string[][];
  try {
    cells = parse(text, {
      bom: true,
      delimiter: [',', ';', '\t'],
      skip_empty_lines: true,
      trim: true,
      relax_column_count: true,
    }) as string[][];
  } catch (error) {
    return {
      faults: [{ row: 0, message: error instanceof Error ? error.message : 'not a table' }],
    };
  }
  const heading = (cells[0] ?? []).map((cell) => cell.toLowerCase());
  const known: readonly string[] = circuitColumns;
  if (!heading.includes('position'))
    return {
      faults: [
        {
          row: 0,
          message: `expected a heading with position, and any of ${known.slice(1).join(', ')}`,
        },
      ],
    };
  const strange = heading.filter((name) => !known.includes(name));
  const doubled = heading.filter((name, index) => heading.indexOf(name) !== index);
  if (strange.length > 0 || doubled.length > 0)
    return {
      faults: [
        {
          row: 0,
          message:
            strange.length > 0
              ? `no column is called ${strange.join(', ')}`
              : `${doubled.join(', ')} stands twice in the heading`,
        },
      ],
    };
  return {
    rows: cells
      .slice(1)
      .map(
        (row) =>
          Object.fromEntries(
            heading.map((name, index) => [name, unguarded(row[index] ?? '')]),
          ) as Partial<CircuitRow>,
      ),
  };
}
