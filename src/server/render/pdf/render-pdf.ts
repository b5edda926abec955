import 'server-only';
import PDFDocument from 'pdfkit';
import type { Audience } from '@/core/show/report/audience';
import { attach } from './attach';
import { drawPanelPage } from './drawing';
import { Flow, ink2 } from './flow';
import type { Pdf } from './flow';
import { loadFonts, registerFonts } from './fonts';
import type { Page, PrintedReport } from './page';
import { closing } from './sections/closing';
import { cover, firstThings } from './sections/cover';
import { plainFindings, wholeFindings } from './sections/finding';
import {
  besides,
  directory,
  glossary,
  inPlainWords,
  shutOffCard,
  told,
} from './sections/household';
import { doubts, notSeen } from './sections/not-seen';
import { findingTable, noPermit, permitResult } from './sections/official';
import { allPhotos, otherPhotos } from './sections/photos';
import { readings } from './sections/readings';
import { record } from './sections/record';
import { workListSection } from './sections/work-list';

export type { IssuedMark, PrintedReport } from './page';

type Section = (page: Page) => void;

/** The one report, in the order each reader needs it. */
const sections: Record<Audience, readonly Section[]> = {
  client: [
    cover,
    firstThings,
    caution,
    closing,
    drawings,
    plainFindings,
    inPlainWords,
    told,
    permitResult,
    readings,
    otherPhotos,
    besides,
    notSeen,
    doubts,
    glossary,
    shutOffCard,
    directory,
  ],
  electrician: [
    cover,
    caution,
    closing,
    told,
    workListSection,
    drawings,
    readings,
    directory,
    allPhotos,
    besides,
    notSeen,
    doubts,
  ],
  official: [
    cover,
    permitResult,
    noPermit,
    told,
    closing,
    findingTable,
    notSeen,
    doubts,
    drawings,
    caution,
  ],
  record: [
    cover,
    firstThings,
    closing,
    permitResult,
    drawings,
    told,
    wholeFindings,
    readings,
    allPhotos,
    besides,
    notSeen,
    doubts,
    directory,
    record,
    caution,
  ],
};

export const stepsOf = (audience: Audience) => sections[audience].length + 1;

/**
 * The report on paper: tagged, bookmarked, fonts embedded, page n of m; with its package attached. No
 * level of PDF/A is claimed.
 * @param progress told after each step, of stepsOf(audience)
 */
export async function renderPdf(
  printed: PrintedReport,
  progress: (step: number) => Promise<void> | void = () => undefined,
): Promise<Buffer> {
  const { report, issued, zip, audience } = printed;
  const fonts = await loadFonts();
  const doc = new PDFDocument({
    size: 'A4',
    margins: { top: 48, bottom: 60, left: 48, right: 48 },
    bufferPages: true,
    pdfVersion: '1.7',
    tagged: true,
    lang: 'en',
    displayTitle: true,
    info: {
      Title: `Panel report, ${report.place}`,
      Author: report.organisation,
      Creator: 'East Gate',
      Producer: 'East Gate',
    },
    font: '',
  } as PDFKit.PDFDocumentOptions);
  registerFonts(doc, fonts);
  const bytes = collect(doc);
  const root = doc.struct('Document');
  doc.addStructure(root);
  const page: Page = { ...printed, flow: new Flow(doc, root) };
  for (const [at, section] of sections[audience].entries()) {
    section(page);
    await progress(at + 1);
  }
  root.end();
  if (zip) attach(doc, zip, `${(issued?.number ?? 'draft').replaceAll(/[^0-9A-Za-z]+/g, '-')}.zip`);
  footers(doc, `${report.place} · ${report.asOf ?? 'nothing recorded'}`, issued?.digest);
  doc.end();
  const made = await bytes;
  await progress(stepsOf(audience));
  return made;
}

function drawings({ flow, report, site }: Page): void {
  for (const panel of site.panels) {
    // The name stands on the page of its drawing.
    flow.room(340);
    flow.heading(panel.name, 2);
    drawPanelPage(flow, panel, site, report.findings);
  }
}

function caution({ flow, report }: Page): void {
  flow.room(120);
  flow.heading('Look, do not touch', 2);
  for (const words of report.cautions) flow.paragraph(words);
}

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
    doc.text('Live until proven dead. Work is for licensed people.', left, y, {
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
