import 'server-only';
import { PDFDocument } from './pdfkit';
import { footCaution } from '@/core/show/report/cautions';
import type { Block } from '@/core/show/report/blocks/block';
import { attach } from './attach';
import { Flow, ink2 } from './flow';
import type { Pdf } from './flow';
import { loadFonts, registerFonts } from './fonts';
import type { PrintedReport } from './page';
import { setBlock } from './set-blocks';

export type { PrintedReport } from './page';

/** Steps of which progress is told. */
export const printSteps = 10;

/**
 * The report on paper: tagged, bookmarked, fonts embedded, page n of m; with its package attached. No
 * level of PDF/A is claimed.
 * @param progress told after each step, of printSteps
 */
export async function renderPdf(
  { sheet, place, organisation, asOf, paper, issued, zip, pictures = new Map() }: PrintedReport,
  progress: (step: number) => Promise<void> | void = () => undefined,
): Promise<Buffer> {
  const fonts = await loadFonts();
  const doc = new PDFDocument({
    size: paper === 'letter' ? 'LETTER' : 'A4',
    margins: { top: 48, bottom: 60, left: 48, right: 48 },
    bufferPages: true,
    pdfVersion: '1.7',
    tagged: true,
    lang: 'en',
    displayTitle: true,
    info: {
      Title: titleOf(sheet.blocks),
      Author: organisation,
      Creator: 'East Gate',
      Producer: 'East Gate',
    },
    font: '',
  } as PDFKit.PDFDocumentOptions);
  registerFonts(doc, fonts);
  const bytes = collect(doc);
  const root = doc.struct('Document');
  doc.addStructure(root);
  const press = { flow: new Flow(doc, root), drawings: sheet.drawings, pictures };
  const { blocks } = sheet;
  let told = 0;
  for (const [at, block] of blocks.entries()) {
    setBlock(press, block);
    const step = Math.floor(((at + 1) / blocks.length) * (printSteps - 1));
    if (step > told) await progress((told = step));
  }
  root.end();
  if (zip) attach(doc, zip, `${(issued?.number ?? 'draft').replaceAll(/[^0-9A-Za-z]+/g, '-')}.zip`);
  footers(doc, `${place} · ${asOf ?? 'nothing recorded'}`, issued?.digest);
  doc.end();
  const made = await bytes;
  await progress(printSteps);
  return made;
}

/** The name of the document: its first heading. */
const titleOf = (blocks: readonly Block[]) =>
  blocks.find((block) => block.kind === 'heading')?.text ?? '';

/** Caution and page n of m, outside the reading order. */
function footers(doc: Pdf, words: string, digest: string | undefined): void {
  const { start, count } = doc.bufferedPageRange();
  for (let index = 0; index < count; index += 1) {
    doc.switchToPage(start + index);
    const { bottom, left, right } = doc.page.margins;
    doc.page.margins.bottom = 0;
    doc.markContent('Artifact', { type: 'Pagination' });
    doc.font('regular').fontSize(8).fillColor(ink2);
    const y = doc.page.height - bottom + 18;
    const width = doc.page.width - left - right;
    doc.text(footCaution, left, y, {
      width,
      lineBreak: false,
    });
    doc.text(words, left + (width - doc.widthOfString(words)) / 2 + 40, y, { lineBreak: false });
    if (digest)
      doc
        .fontSize(6.5)
        .text(`sealed ${digest}`, left, y + 11, { lineBreak: false })
        .fontSize(8);
    const pages = `page ${index + 1} of ${count}`;
    doc.text(pages, left + width - doc.widthOfString(pages), y, { lineBreak: false });
    doc.endMarkedContent();
    doc.page.margins.bottom = bottom;
  }
}

function collect(doc: Pdf): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = [];
    doc.on('data', (chunk: Buffer) => chunks.push(chunk));
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
}
