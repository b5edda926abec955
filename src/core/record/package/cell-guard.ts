/**
 * What a spreadsheet would run as a formula: by its first sign, plain or of full width, behind spaces, line
 * ends or marks of ours.
 */
const formula = /^'*[\s\u200b\ufeff]*[=+\-@＝＋－＠]|^'*[\t\r\n]/;

/** A cell a spreadsheet would run as a formula is given a mark in front; reading takes it off. */
export const guarded = (cell: string) => (formula.test(cell) ? `'${cell}` : cell);
export const unguarded = (cell: string) =>
  cell.startsWith("'") && formula.test(cell.slice(1)) ? cell.slice(1) : cell;
