import 'server-only';
import { stringify } from 'csv-stringify/sync';
import { guarded } from '@/core/record/package/cell-guard';
import type { Rows } from '@/core/show/report/rows';

/** Rows as CSV; no cell is one that a spreadsheet would run. */
export const csvOf = ({ columns, rows }: Rows): string =>
  stringify(
    rows.map((cells) => cells.map(guarded)),
    { header: true, columns: [...columns], bom: true },
  );
