import 'server-only';
import { gradeWords } from '@/core/vocabulary/grade';
import { hazardsOf } from '@/core/show/report/comparisons';
import { mendingWords } from '@/core/show/report/mending';
import type { ReportFinding } from '@/core/show/report/report';
import { severityLine } from '@/core/show/report/severity-words';
import { gradeLine } from '../grade-line';
import { ink2 } from '../flow';
import type { Page } from '../page';
import { photoRows, tallestPhoto } from './photos';
import { whyHere } from '../why-here';

/** Keeps what belongs together on a page where it fits on one: words, photos two in a row, the small drawing. */
function keep({ flow }: Page, finding: ReportFinding, texts: readonly string[]): void {
  const lines = [...texts, finding.presumes.join(' '), finding.overrule ?? ''].filter(Boolean);
  const words = lines.reduce((sum, text) => sum + flow.height(text, { size: 10 }) + 9, 0);
  const pictures = Math.ceil(finding.photos.length / 2) * (tallestPhoto + 40);
  const wanted = 70 + words + pictures + (finding.whyHere ? 140 : 0);
  flow.room(Math.min(wanted, flow.bottom - 100));
  flow.rule();
  flow.place(`finding-${finding.number}`);
  gradeLine(flow, finding.grade, `${finding.number}  ${finding.gradeWord}: ${finding.title}`, 3);
}

const whereLine = (finding: ReportFinding) =>
  `${finding.panelName}, ${finding.place} · how sure: ${finding.certainty} · ${finding.by}`;

/** Gravest first, in plain words with this panel's numbers. */
export function plainFindings(page: Page): void {
  const { flow, report } = page;
  flow.room(300);
  flow.heading('Findings', 2);
  nothingFound(page);
  for (const finding of report.findings) {
    keep(page, finding, [
      finding.seen,
      finding.why,
      finding.ask,
      mendingWords(finding),
      gradedWords(finding),
      finding.who,
    ]);
    flow.paragraph(whereLine(finding), { color: ink2 });
    flow.item('What was seen', finding.seen);
    photoRows(page, finding.photos);
    told(page, finding);
    flow.item('How it was graded', gradedWords(finding));
  }
}

/** With every reason, source and author. */
export function wholeFindings(page: Page): void {
  const { flow, report } = page;
  flow.doc.addPage();
  flow.heading('Findings', 2);
  nothingFound(page);
  for (const finding of report.findings) {
    keep(page, finding, [finding.seen, finding.why, finding.ask]);
    flow.paragraph(whereLine(finding), { color: ink2 });
    flow.item('What was seen', finding.seen);
    told(page, finding);
    flow.item('Source', sourcesOf(finding));
    flow.item('Why this grade', traceWords(finding));
    if (finding.photos.length > 0) flow.item('Photos', finding.photos.join(', '));
    flow.item(
      'Recorded',
      finding.recorded
        .map(
          ({ says, by, at, entry }) =>
            `${says} (${by}, ${at.slice(0, 16).replace('T', ' ')}, entry ${entry})`,
        )
        .join('; '),
    );
  }
}

/** Why it matters, what to ask for, of whom, by when, and the ways to mend it. */
function told({ flow }: Page, finding: ReportFinding): void {
  for (const words of finding.absorbed) flow.item('Of the same cause', words);
  flow.item('Why it matters here', finding.why);
  if (finding.hazards.length > 0) flow.item('What it can lead to', hazardsOf(finding));
  if (finding.whyHere) whyHere(flow, finding.whyHere);
  flow.item('What to ask for', finding.ask);
  for (const words of finding.also) flow.item('Also, of the same cause', words);
  if (!finding.madeSafe) for (const words of finding.untilThen) flow.item('Meanwhile', words);
  flow.item('Who and when', `${finding.who}, ${finding.by}`);
  if (finding.madeSafe) flow.item('Made safe', finding.madeSafe);
  if (finding.overrule) flow.item('Grade set by hand', finding.overrule);
  flow.item('Ways to mend it', mendingWords(finding));
  if (finding.presumes.length > 0) flow.item('Presumed', finding.presumes.join(' '));
}

export function nothingFound({ flow, report }: Page): void {
  if (report.findings.length === 0)
    flow.paragraph(
      'Nothing was found in what was recorded. What was not seen is not fine by being unseen.',
    );
}

export const sourcesOf = (finding: ReportFinding) =>
  [...finding.sources, finding.since].filter(Boolean).join('; ');

/** The result in one sentence. */
const gradedWords = (finding: ReportFinding) =>
  `${finding.gradeWord}: ${severityLine(finding)}. Severity ${finding.severity} of 4, likelihood ${finding.likelihood} of 5; every step is in the whole record.`;

const traceWords = (finding: ReportFinding) =>
  finding.trace
    .map(
      (line) =>
        `${line.because}${line.moves ? ` (${line.moves})` : ''}${line.counted ? '' : ', not counted'}: severity ${line.severity}, likelihood ${line.likelihood}, ${gradeWords[line.grade]}`,
    )
    .join('; ');
