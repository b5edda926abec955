/** A cell a spreadsheet would run as a formula is given a mark in front; reading takes it off. */
export const guarded = (cell: string) => (/^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell);
export const unguarded = (cell: string) => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);
