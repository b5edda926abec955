import type { Metal, Size } from '../../../vocabulary/size';
import { sizes } from '../../../vocabulary/size';
import type { AmpacityColumn } from '../yardstick';

type Row = readonly [
  Size,
  readonly [number, number, number],
  readonly [number, number, number] | null,
];

/** Table 310.16: copper 60/75/90 °C, aluminium 60/75/90 °C, A. */
const rows: readonly Row[] = [
  ['14', [15, 20, 25], null],
  ['12', [20, 25, 30], [15, 20, 25]],
  ['10', [30, 35, 40], [25, 30, 35]],
  ['8', [40, 50, 55], [35, 40, 45]],
  ['6', [55, 65, 75], [40, 50, 55]],
  ['4', [70, 85, 95], [55, 65, 75]],
  ['3', [85, 100, 115], [65, 75, 85]],
  ['2', [95, 115, 130], [75, 90, 100]],
  ['1', [110, 130, 145], [85, 100, 115]],
  ['1/0', [125, 150, 170], [100, 120, 135]],
  ['2/0', [145, 175, 195], [115, 135, 150]],
  ['3/0', [165, 200, 225], [130, 155, 175]],
  ['4/0', [195, 230, 260], [150, 180, 205]],
  ['250', [215, 255, 290], [170, 205, 230]],
  ['300', [240, 285, 320], [195, 230, 260]],
  ['350', [260, 310, 350], [210, 250, 280]],
  ['400', [280, 335, 380], [225, 270, 305]],
  ['500', [320, 380, 430], [260, 310, 350]],
  ['600', [350, 420, 475], [285, 340, 385]],
];

const columns = (figures: readonly [number, number, number] | null) =>
  figures && { 60: figures[0], 75: figures[1], 90: figures[2] };

type Table = Record<Size, Record<AmpacityColumn, number> | null>;

function table(pick: (row: Row) => readonly [number, number, number] | null): Table {
  const bySize = new Map(rows.map((row) => [row[0], columns(pick(row))]));
  return Object.fromEntries(sizes.map((size) => [size, bySize.get(size) ?? null])) as Table;
}

export const ampacityA: Record<Metal, Table> = {
  cu: table((row) => row[1]),
  al: table((row) => row[2]),
};
