import 'server-only';
import { audienceWords } from '@/core/show/report/audience';
import { dayWords } from '@/core/show/report/dates';
import { counted } from '@/core/vocabulary/phrases';
import { keepAway } from '@/core/show/report/cautions';
import { reassures } from '@/core/show/report/summary';
import { gradeLine } from '../grade-line';
import { ink2 } from '../flow';
import type { Page } from '../page';

/** What it is, of what, by whom; what it comes to in three sentences. */
export function cover({ flow, report, issued, audience }: Page): void {
  flow.heading(`${report.closing ? 'Closing report' : 'Panel report'}, ${report.place}`, 1);
  if (issued) {
    const { number, signedName, licence, issuedOn, digest, changes } = issued;
    flow.paragraph(
      `Report ${number}, issued ${dayWords(issuedOn)}, signed ${signedName}${licence ? `, ${licence}` : ''}. ${audienceWords[audience]}.`,
      { bold: true },
    );
    if (changes) flow.paragraph(`This revision changes: ${changes}`);
    flow.paragraph(`Sealed with ${digest}.`, { size: 8.5, color: ink2 });
  } else
    flow.paragraph(`A draft: not issued, not signed. ${audienceWords[audience]}.`, { bold: true });
  for (const line of coverLines({ report })) flow.paragraph(line, { color: ink2 });
  flow.gap(4);
  for (const words of report.head) flow.paragraph(words, { size: 12, bold: true, after: 4 });
  for (const sentence of report.summary)
    flow.paragraph(sentence, { size: 13, bold: true, after: 2 });
}

/** Place, day, authors and yardstick, one line each. */
function coverLines({ report }: Pick<Page, 'report'>): string[] {
  return [
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
    report.differs.length > 0 ? `Differs from what is shipped: ${report.differs.join(' ')}` : '',
  ].filter(Boolean);
}

/** What to do by when, gravest first; each number leads to its finding. */
export function firstThings(page: Page): void {
  const { flow, report } = page;
  flow.gap(6);
  flow.heading('What to do first', 2);
  if (report.firstThings.length === 0)
    flow.paragraph(
      reassures(report)
        ? 'Nothing was found that asks for work.'
        : 'What is written above comes first; no finding names a work by itself.',
    );
  for (const thing of report.firstThings) {
    gradeLine(flow, thing.grade, `${thing.gradeWord}, ${thing.by}. ${thing.advice}`);
    for (const finding of thing.findings)
      flow.reference(`finding-${finding.number}`, String(finding.number), finding.title, {
        indent: 20,
      });
    if (thing.grade === 'danger') today(page);
    flow.gap(4);
  }
}

/** What a layman does about a danger: what to ask for, and when to keep away. */
function today({ flow, report }: Page): void {
  for (const finding of report.findings.filter(({ grade }) => grade === 'danger'))
    flow.paragraph(
      `${finding.number}: ${finding.madeSafe ? `made safe: ${finding.madeSafe}` : [finding.ask, ...finding.also, ...finding.untilThen].join(' ')}`,
      { indent: 20, after: 2 },
    );
  flow.paragraph(keepAway, { indent: 20, after: 2 });
}
