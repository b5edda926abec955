/** How positions are numbered: a property of the panel, never of the thing at the position. */
export type NumberingName = 'odd-even' | 'down-columns' | 'custom';
export type Column = 1 | 2;

/** Everything the printed numbers follow from. */
export interface Layout {
  rows: number;
  columns: 1 | 2;
  numbering: NumberingName;
  /** Custom numbers, left column from the top, then right. */
  custom?: readonly number[];
}

/**
 * The number printed beside a position. Rows count from 1 at the top. A custom panel whose list is
 * too short goes on after its highest number.
 */
export function positionNumber(layout: Layout, column: Column, row: number): number {
  const { rows, columns, numbering, custom = [] } = layout;
  const index = (column - 1) * rows + row - 1;
  if (numbering === 'custom')
    return custom[index] ?? Math.max(0, ...custom) + 1 + index - custom.length;
  if (columns === 1) return row;
  if (numbering === 'down-columns') return index + 1;
  return 2 * row - (column === 1 ? 1 : 0);
}

/** The place of a printed number, or undefined where the panel has no such position. */
export function positionOfNumber(
  layout: Layout,
  number: number,
): { column: Column; row: number } | undefined {
  for (let column = 1; column <= layout.columns; column += 1)
    for (let row = 1; row <= layout.rows; row += 1)
      if (positionNumber(layout, column as Column, row) === number)
        return { column: column as Column, row };
  return undefined;
}
