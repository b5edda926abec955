/** A thermal picture: °C of each point, rows from the top. */
export interface ThermalGrid {
  width: number;
  height: number;
  /** Row by row, °C. */
  cells: Float32Array;
  leastC: number;
  mostC: number;
}

export const mostCells = 640 * 512;

export type ReadGrid = { ok: true; grid: ThermalGrid } | { ok: false; fault: string };

/**
 * Reads rows of a radiometric table. Rows before the first that is all numbers are headings.
 * @returns a fault with row and column, counted from 1, where a cell is no temperature
 */
export function gridOf(rows: readonly (readonly string[])[]): ReadGrid {
  const isNumber = (cell: string) => cell.trim() !== '' && Number.isFinite(Number(cell));
  const first = rows.findIndex((row) => row.length > 1 && row.every(isNumber));
  if (first < 0) return { ok: false, fault: 'no row of temperatures: expected a table of °C' };
  const body = rows.slice(first);
  const width = body[0]!.length;
  if (body.length < 2) return { ok: false, fault: 'one row only: expected a table of °C' };
  if (width * body.length > mostCells)
    return { ok: false, fault: `${width} × ${body.length} points: at most ${mostCells} are read` };
  const cells = new Float32Array(width * body.length);
  let [leastC, mostC] = [Infinity, -Infinity];
  for (const [row, line] of body.entries()) {
    if (line.length !== width)
      return {
        ok: false,
        fault: `row ${first + row + 1} has ${line.length} cells, the first ${width}`,
      };
    for (const [column, cell] of line.entries()) {
      const value = Number(cell);
      if (!isNumber(cell) || value < -60 || value > 1500)
        return {
          ok: false,
          fault: `row ${first + row + 1}, column ${column + 1}: expected °C from −60 to 1500, got ${cell || 'nothing'}`,
        };
      cells[row * width + column] = value;
      leastC = Math.min(leastC, value);
      mostC = Math.max(mostC, value);
    }
  }
  return { ok: true, grid: { width, height: body.length, cells, leastC, mostC } };
}
