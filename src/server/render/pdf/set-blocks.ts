import 'server-only';
import type { Block, Line, Words } from '@/core/show/report/blocks/block';
import { drawWhyHere } from '@/core/model/simulation/why-here-drawing';
import { gradeMarks } from '@/core/show/drawing/grade-marks';
import type { Grade } from '@/core/vocabulary/grade';
import { gradeColours } from './colours';
import { drawingHeight, setDrawing } from './drawing';
import type { Flow, Span } from './flow';
import { ink, ink2 } from './flow';
import type { Press } from './press';
import { letterheadHeight, setLetterhead } from './letterhead';
import { photosHeight, setPhotos } from './photos';
import { table } from './table';
import { setWhyHere } from './why-here';

/** Points of what belongs together that stand on one page at least: its head and what was seen. */
const begun = 120;

const sizes = { lead: 13, alarm: 12 } as const;
/** Points above a heading of each level. */
const spaceAbove = { 1: 0, 2: 8, 3: 4 } as const;
/** Points that what stands out is set in by. */
const inset = 16;

/** Sets one block on paper; it adds no word and no order of its own. */
export function setBlock(press: Press, block: Block): void {
  const { flow } = press;
  switch (block.kind) {
    case 'heading':
      flow.gap(spaceAbove[block.level]);
      if (block.id) flow.place(block.id);
      if (block.grade) return gradeHeading(flow, block.grade, block.text);
      return flow.heading(block.text, block.level);
    case 'paragraph': {
      const size = block.style ? sizes[block.style] : 10;
      return flow.spans(spansOf(block.words, block.style !== undefined), { size, after: 4 });
    }
    case 'items':
      for (const { term, words, figure } of block.items) {
        flow.spans([{ text: `${term}  `, bold: true, color: ink2 }, ...spansOf(words)], {
          size: 10,
          after: 3,
        });
        if (figure) setWhyHere(flow, figure);
      }
      return;
    case 'list':
      for (const line of block.lines) setLine(flow, line);
      return;
    case 'table':
      return table(flow, block.columns, block.rows);
    case 'drawing':
      return setDrawing(flow, press.drawings[block.of]!);
    case 'photos':
      return setPhotos(press, block.photos);
    case 'letterhead':
      return setLetterhead(press, block);
    case 'callout':
      return flow.inset(inset, () => block.blocks.forEach((one) => setBlock(press, one)));
    case 'keep': {
      const wanted = block.blocks.reduce((sum, one) => sum + heightOf(press, one), 0);
      const parts = block.blocks.every(({ kind }) => kind !== 'drawing' && kind !== 'callout');
      flow.room(Math.min(wanted, parts ? begun : flow.tallest));
      flow.rule();
      if (block.id) flow.place(block.id);
      block.blocks.forEach((one) => setBlock(press, one));
      return flow.gap(4);
    }
    case 'page':
      flow.doc.addPage();
      return block.blocks.forEach((one) => setBlock(press, one));
    case 'beside':
      return [...block.first, ...block.second].forEach((one) => setBlock(press, one));
    case 'fold':
      flow.heading(block.title, 3);
      return block.blocks.forEach((one) => setBlock(press, one));
  }
}

const textOf = (words: Words) => words.map(({ text }) => text).join('');

const spansOf = (words: Words, bold = false): Span[] =>
  words.map(({ text, weight }) => ({
    text,
    bold: bold || weight === 'strong',
    color: weight === 'quiet' ? ink2 : ink,
  }));

/** A line that begins with a reference is set as one; a grade stands as its shape in the margin. */
function setLine(flow: Flow, { grade, words }: Line): void {
  const [first, ...rest] = words;
  if (first?.to)
    return flow.reference(first.to, first.text, textOf(rest).trim(), { indent: 20, after: 2 });
  if (!grade) return flow.spans(spansOf(words), { size: 10, after: 2, indent: 8 });
  flow.room(40);
  markAt(flow, grade);
  flow.spans(spansOf(words), { size: 10, after: 3, indent: 20 });
}

function gradeHeading(flow: Flow, grade: Grade, text: string): void {
  flow.room(48);
  markAt(flow, grade);
  flow.headingLine(text, 3, {
    bold: true,
    size: 11,
    color: gradeColours[grade],
    indent: 20,
    after: 2,
  });
}

/** The grade's shape, beside the line that comes next. */
function markAt(flow: Flow, grade: Grade): void {
  const { doc } = flow;
  flow.artifact(() => {
    doc.save().translate(flow.left, doc.y + 1);
    doc.path(gradeMarks[grade]).fill(gradeColours[grade], 'even-odd').restore();
  });
}

/** Points a block takes, near enough to keep it on one page. */
function heightOf(press: Press, block: Block): number {
  const { flow } = press;
  const words = (said: Words, size = 10) => flow.height(textOf(said), { size }) + 5;
  const all = (blocks: readonly Block[]) =>
    blocks.reduce((sum, one) => sum + heightOf(press, one), 0);
  switch (block.kind) {
    case 'heading':
      return flow.height(block.text, { size: 14, bold: true }) + 8;
    case 'paragraph':
      return words(block.words, block.style ? sizes[block.style] : 10);
    case 'items':
      return block.items.reduce(
        (sum, { term, words: said, figure }) =>
          sum +
          words([{ text: `${term}  ` }, ...said]) +
          (figure ? drawWhyHere(figure).height + 8 : 0),
        0,
      );
    case 'list':
      return block.lines.reduce((sum, line) => sum + words(line.words), 0);
    case 'photos':
      return photosHeight(block.photos);
    case 'letterhead':
      return letterheadHeight(block);
    case 'callout':
    case 'keep':
    case 'fold':
      return all(block.blocks);
    case 'beside':
      return all(block.first) + all(block.second);
    case 'drawing':
      return drawingHeight(flow, press.drawings[block.of]!);
    case 'table':
    case 'page':
      return flow.tallest;
  }
}
