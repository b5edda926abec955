import type { Block, Item, Run, Table, Words } from './block';

/** Short hands for blocks; a blank stretch of words is left out. */

export const run = (text: string, weight?: Run['weight']): Run => ({
  text,
  ...(weight && { weight }),
});
export const strong = (text: string) => run(text, 'strong');
export const quiet = (text: string) => run(text, 'quiet');

const wordsOf = (said: readonly (Run | string)[]): Words =>
  said.map((one) => (typeof one === 'string' ? run(one) : one)).filter(({ text }) => text !== '');

/** A paragraph; none where nothing is said. */
export const paragraph = (...said: (Run | string)[]): Block[] => {
  const words = wordsOf(said);
  return words.length > 0 ? [{ kind: 'paragraph', words }] : [];
};

/** A term and what is said of it. */
export const item = (term: string, ...said: (Run | string)[]): Item => ({
  term,
  words: wordsOf(said),
});

/** The item, where there is something to say. */
export const itemIf = (term: string, said: string | undefined): Item[] =>
  said ? [item(term, said)] : [];

export const items = (...list: Item[]): Block[] =>
  list.length > 0 ? [{ kind: 'items', items: list }] : [];

/** A part with its heading; none where it holds nothing. */
export const part = (id: string, title: string, blocks: readonly Block[]): Block[] =>
  blocks.length > 0 ? [{ kind: 'heading', level: 2, text: title, id }, ...blocks] : [];

export { clock } from '../dates';

/** Characters of a cell that go on in a row of their own, so that no row outgrows a page. */
const mostInCell = 1000;

/** A table. Columns are title and share of the width; a "!" before a title keeps its words unparted. */
export const table = (
  label: string,
  columns: readonly (readonly [title: string, share: number])[],
  rows: readonly (readonly string[])[],
): Table => ({
  kind: 'table',
  label,
  columns: columns.map(([title, share]) =>
    title.startsWith('!') ? { title: title.slice(1), share, whole: true } : { title, share },
  ),
  rows: rows.flatMap(goingOn),
});

/** One row, or several where a cell is too long for one: parted between words. */
function goingOn(cells: readonly string[]): string[][] {
  const parts = cells.map(partsOf);
  const most = Math.max(...parts.map(({ length }) => length));
  return Array.from({ length: most }, (_, at) => parts.map((part) => part[at] ?? ''));
}

function partsOf(cell: string): string[] {
  if (cell.length <= mostInCell) return [cell];
  const space = cell.lastIndexOf(' ', mostInCell);
  const at = space > mostInCell / 2 ? space : mostInCell;
  return [cell.slice(0, at), ...partsOf(cell.slice(at).trimStart())];
}
