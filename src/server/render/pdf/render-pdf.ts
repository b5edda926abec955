import 'server-only';
import PDFDocument from 'pdfkit';
import { gradeMarks } from '@/core/drawing/grade-marks';
import { gradeWords } from '@/core/grading/grade';
import { dayWords } from '@/core/report/dates';
import type { SiteView } from '@/core/panel/site-view';
import { counted } from '@/core/panel/words';
import type { ReportData, ReportFinding } from '@/core/report/report';
import { gradeColours } from './colours';
import { drawPanelPage } from './drawing';
import { Flow, ink2 } from './flow';
import type { Pdf } from './flow';
import { loadFonts, registerFonts } from './fonts';
import { levelWords } from '@/core/report/readings';
import { whyHere } from './why-here';

/** What an issued report carries besides: its number, who signed it, and its seal. */
export interface IssuedMark {
  /** "2026-0007, revision 1" */
  number: string;
  changes: string;
  signedName: string;
  licence: string;
  /** YYYY-MM-DD */
  issuedOn: string;
  digest: string;
  /** The package, attached so that the report can be loaded back. */
  zip: Buffer;
}

/** The report on paper: tagged, bookmarked, fonts embedded, page n of m; an issued one with its package. */
export async function renderPdf(
  report: ReportData,
  site: SiteView,
  issued?: IssuedMark,
): Promise<Buffer> {
  const fonts = await loadFonts();
  const title = `Panel report, ${report.place}`;
  const doc = new PDFDocument({
    size: 'A4',
    margins: { top: 48, bottom: 60, left: 48, right: 48 },
    bufferPages: true,
    pdfVersion: '1.7',
    tagged: true,
    lang: 'en',
    displayTitle: true,
    info: {
      Title: title,
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
  const flow = new Flow(doc, root);
  cover(flow, report, issued);
  if (report.closing) closing(flow, report.closing);
  permitResult(flow, report);
  for (const panel of site.panels) {
    // The name stands on the page of its drawing.
    flow.room(340);
    flow.heading(panel.name, 2);
    drawPanelPage(flow, panel, site, report.findings);
  }
  findings(flow, report);
  readings(flow, report);
  notSeen(flow, report);
  flow.heading('Look, do not touch', 2);
  for (const caution of report.cautions) flow.paragraph(caution);
  root.end();
  if (issued)
    doc.file(issued.zip, {
      name: `${issued.number.replaceAll(/[^0-9A-Za-z]+/g, '-')}.zip`,
      type: 'application/zip',
      description: 'The inspection this report was made from',
      relationship: 'Source',
    } as PDFKit.Mixins.PDFAttachmentOptions);
  footers(doc, `${report.place} · ${report.asOf ?? 'nothing recorded'}`, issued?.digest);
  doc.end();
  return bytes;
}

function cover(flow: Flow, report: ReportData, issued: IssuedMark | undefined): void {
  flow.heading(`${report.closing ? 'Closing report' : 'Panel report'}, ${report.place}`, 1);
  if (issued) {
    const { number, signedName, licence, issuedOn, digest, changes } = issued;
    flow.paragraph(
      `Report ${number}, issued ${dayWords(issuedOn)}, signed ${signedName}${licence ? `, ${licence}` : ''}.`,
      { bold: true },
    );
    if (changes) flow.paragraph(`This revision changes: ${changes}`);
    flow.paragraph(`Sealed with ${digest}.`, { size: 8.5, color: ink2 });
  } else flow.paragraph('A draft: not issued, not signed.', { bold: true });
  const lines = [
    [report.address, report.client && `for ${report.client}`].filter(Boolean).join(' · '),
    [
      report.asOf && `As of ${report.asOf}`,
      report.authors.length > 0 &&
        `recorded by ${report.authors.map(({ name, licence }) => (licence ? `${name} (${licence})` : name)).join(', ')}`,
      report.organisation,
    ]
      .filter(Boolean)
      .join(' · '),
    `${counted(report.findings.length, 'finding')}, ${report.school}. Yardstick: ${report.yardstick}.`,
  ];
  if (report.differs.length > 0)
    lines.push(`Differs from what is shipped: ${report.differs.join(' ')}`);
  for (const line of lines.filter(Boolean)) flow.paragraph(line, { color: ink2 });
  flow.gap(4);
  for (const sentence of report.summary)
    flow.paragraph(sentence, { size: 13, bold: true, after: 2 });
  flow.gap(6);
  flow.heading('What to do first', 2);
  if (report.firstThings.length === 0) flow.paragraph('Nothing was found that asks for work.');
  for (const thing of report.firstThings) {
    gradeLine(flow, thing.grade, `${thing.gradeWord}, ${thing.by}. ${thing.advice}`);
    for (const finding of thing.findings)
      flow.paragraph(`${finding.number}  ${finding.title}`, { indent: 20, after: 1 });
    flow.gap(4);
  }
}

/** Item by item, what became of the report that is closed. */
function closing(flow: Flow, { of, items, fresh, open }: NonNullable<ReportData['closing']>): void {
  flow.heading(`What became of report ${of}`, 2);
  flow.paragraph(
    open === 0 ? 'Everything in it is mended.' : `${counted(open, 'item')} still open.`,
    { bold: true },
  );
  for (const { number, title, place, nowWords, words, disagrees } of items)
    flow.item(
      `${number}  ${title}, ${place}`,
      [nowWords, words, disagrees].filter(Boolean).join('. '),
    );
  for (const { title, place, short } of fresh) flow.item(`New: ${title}, ${place}`, short);
}

/** The outcome for the authority, against the scope of the permitted work alone. */
function permitResult(flow: Flow, { permit }: ReportData): void {
  if (!permit) return;
  flow.heading(`Permit ${permit.number}: ${permit.result}`, 2);
  flow.paragraph(`Covers: ${permit.covers}. ${permit.because}.`);
  for (const [title, lines] of [
    ['Inside the work', permit.inside],
    ['Inside the work, still to be seen', permit.toSee],
    ['Outside the work, told to the owner', permit.outside],
  ] as const)
    if (lines.length > 0) flow.item(title, lines.join('; '));
}

/** The grade's shape in the margin of its words. */
function gradeLine(flow: Flow, grade: ReportFinding['grade'], words: string): void {
  flow.room(40);
  const { doc } = flow;
  const y = doc.y;
  flow.artifact(() => {
    doc.save().translate(flow.left, y + 1);
    doc.path(gradeMarks[grade]).fill(gradeColours[grade], 'even-odd').restore();
  });
  flow.paragraph(words, { bold: true, size: 11, color: gradeColours[grade], indent: 20, after: 2 });
}

function findings(flow: Flow, report: ReportData): void {
  flow.doc.addPage();
  flow.heading('Findings', 2);
  if (report.findings.length === 0)
    flow.paragraph(
      'Nothing was found in what was recorded. What was not seen is not fine by being unseen.',
    );
  for (const finding of report.findings) {
    const parts = [
      finding.seen,
      finding.why,
      finding.ask,
      finding.sources.join(finding.remedies.join('')),
    ];
    const wanted = 70 + parts.reduce((sum, part) => sum + flow.height(part, { size: 10 }) + 8, 0);
    flow.room(Math.min(wanted, flow.bottom - 100));
    flow.rule();
    gradeLine(flow, finding.grade, `${finding.number}  ${finding.gradeWord}: ${finding.title}`);
    flow.paragraph(
      `${finding.panelName}, ${finding.place} · ${finding.certainty} · ${finding.by}`,
      { color: ink2 },
    );
    flow.item('What was seen', finding.seen);
    for (const words of finding.absorbed) flow.item('Of the same cause', words);
    flow.item('Why it matters here', finding.why);
    if (finding.whyHere) whyHere(flow, finding.whyHere);
    flow.item('What to ask for', finding.ask);
    flow.item('Who and when', `${finding.who}, ${finding.by}`);
    if (finding.madeSafe) flow.item('Made safe', finding.madeSafe);
    if (finding.overrule) flow.item('Grade set by hand', finding.overrule);
    flow.item('Ways to mend it', finding.remedies.join('; '));
    if (finding.presumes.length > 0) flow.item('Presumed', finding.presumes.join(' '));
    flow.item('Source', [...finding.sources, finding.since].filter(Boolean).join('; '));
    flow.item(
      'Why this grade',
      finding.trace
        .map(
          (line) =>
            `${line.because}${line.moves ? ` (${line.moves})` : ''}${line.counted ? '' : ', not counted'}: severity ${line.severity}, likelihood ${line.likelihood}, ${gradeWords[line.grade]}`,
        )
        .join('; '),
    );
  }
}

/** Readings and what was tried in the circuit model. */
function readings(flow: Flow, report: ReportData): void {
  if (report.readings.length > 0) {
    flow.heading('Readings', 2);
    for (const one of report.readings)
      flow.item(
        `${one.panelName}, ${one.words}`,
        `${one.value}. ${levelWords[one.level]}: ${one.verdict}. ${one.limits ? `Limits: ${one.limits}. ` : ''}${one.by}, ${one.at.slice(0, 16).replace('T', ' ')}, ${one.instrument}.`,
      );
  }
  if (report.whatIfs.length > 0) {
    flow.heading('What would happen, calculated', 2);
    for (const { name, says, finding, by } of report.whatIfs)
      flow.item(`${name}${finding ? `, for finding ${finding}` : ''}`, `${says} Kept by ${by}.`);
  }
}

function notSeen(flow: Flow, report: ReportData): void {
  const { coverage } = report;
  const seen = coverage.found + coverage.clear;
  flow.gap(8);
  flow.heading('What was not seen', 2);
  flow.paragraph(
    `${seen} of ${seen + coverage.notSeen} checks that apply were seen (${Math.round(coverage.seenShare * 100)} %). Not seen does not mean fine.`,
  );
  for (const line of report.notSeen) {
    const places = line.places.length > 3 ? `${line.places.length} places` : line.places.join(', ');
    flow.item(
      `${line.likely ? 'Likely a finding. ' : ''}${line.title}`,
      `${line.panelName}, ${places}: ${line.say}`,
    );
  }
  if (report.doubts.length > 0) {
    flow.heading('To be cleared up', 3);
    for (const doubt of report.doubts) flow.paragraph(doubt);
  }
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
