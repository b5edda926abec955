import 'server-only';
import type { Flow, Struct } from './flow';
import { ink, ink2 } from './flow';

export interface Column {
  title: string;
  /** Share of the width. */
  share: number;
}

const size = 8.5;
const pad = 4;
/** A cell longer than this goes on in a row of its own, so that no row outgrows a page. */
const mostCharacters = 1200;

/** Rows with their headings, repeated on each page; a row is never parted. */
export function table(
  flow: Flow,
  columns: readonly Column[],
  rows: readonly (readonly string[])[],
): void {
  const { doc } = flow;
  const total = columns.reduce((sum, { share }) => sum + share, 0);
  const widths = columns.map(({ share }) => (flow.width * share) / total);
  const lefts = widths.map((_, at) =>
    widths.slice(0, at).reduce((sum, one) => sum + one, flow.left),
  );
  const element = flow.element('Table');
  const titles = columns.map(({ title }) => title);
  const heightOf = (cells: readonly string[], bold: boolean) =>
    Math.max(
      ...cells.map((cell, at) =>
        flow.height(cell || ' ', { size, bold, width: widths[at]! - pad }),
      ),
    ) + pad;
  const line = () =>
    flow.artifact(() =>
      doc
        .moveTo(flow.left, doc.y)
        .lineTo(flow.left + flow.width, doc.y)
        .lineWidth(0.4)
        .stroke('#c3cbca'),
    );
  const draw = (
    cells: readonly string[],
    bold: boolean,
    cell: (at: number, draw: () => void) => void,
  ) => {
    const top = doc.y;
    const height = heightOf(cells, bold);
    cells.forEach((text, at) =>
      cell(at, () =>
        flow.textAt(text || ' ', lefts[at]!, top + pad / 2, {
          size,
          bold,
          color: bold ? ink2 : ink,
          width: widths[at]! - pad,
        }),
      ),
    );
    doc.x = flow.left;
    doc.y = top + height;
    line();
  };
  const row = (cells: readonly string[], type: 'TH' | 'TD', within: Struct) => {
    const tr = flow.element('TR', within);
    draw(cells, type === 'TH', (_, text) => tr.add(doc.struct(type, {}, text)));
    tr.end();
  };
  flow.room(heightOf(titles, true) * 3);
  row(titles, 'TH', element);
  for (const cells of rows.flatMap(split)) {
    if (doc.y + heightOf(cells, false) > flow.bottom) {
      doc.addPage();
      draw(titles, true, (_, text) => flow.artifact(text));
    }
    row(cells, 'TD', element);
  }
  element.end();
  flow.gap(6);
}

/** One row, or several where a cell is too long for one. */
function split(cells: readonly string[]): string[][] {
  const most = Math.max(...cells.map((cell) => Math.ceil(cell.length / mostCharacters)), 1);
  return Array.from({ length: most }, (_, at) =>
    cells.map((cell) => cell.slice(at * mostCharacters, (at + 1) * mostCharacters)),
  );
}
