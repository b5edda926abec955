/** How positions are numbered: a property of the panel, never of the thing at the position. */
export type Numbering = 'odd-even' | 'down-columns';
export type Column = 1 | 2;

/** The number printed beside a position. Rows count from 1 at the top. */
export function positionNumber(
  numbering: Numbering,
  rows: number,
  column: Column,
  row: number,
): number {
  if (numbering === 'down-columns') return column === 1 ? row : rows + row;
  return 2 * row - (column === 1 ? 1 : 0);
}

/** The place of a printed number, or undefined where the panel has no such position. */
export function positionOfNumber(
  numbering: Numbering,
  rows: number,
  number: number,
): { column: Column; row: number } | undefined {
  if (!Number.isInteger(number) || number < 1 || number > 2 * rows) return undefined;
  if (numbering === 'down-columns')
    return number <= rows ? { column: 1, row: number } : { column: 2, row: number - rows };
  return { column: number % 2 === 1 ? 1 : 2, row: Math.ceil(number / 2) };
}
