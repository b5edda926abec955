import 'server-only';
import type { Page } from '../page';
import { table } from '../table';

/** The outcome for the authority, against the scope of the permitted work alone. */
export function permitResult({ flow, report: { permit } }: Page): void {
  if (!permit) return;
  flow.heading(`Permit ${permit.number}: ${permit.result}`, 2);
  flow.paragraph(`Covers: ${permit.covers}. ${permit.because}.`);
  for (const [title, lines] of [
    ['Inside the work, to correct', permit.inside],
    ['Inside the work, still to be seen', permit.toSee],
    ['Outside the work, told to the owner', permit.outside],
  ] as const) {
    if (lines.length === 0) continue;
    flow.heading(title, 3);
    for (const line of lines) flow.paragraph(line, { indent: 12, after: 2 });
  }
}

/** For an official where there is no permit: that no result is given. */
export function noPermit({ flow, report }: Page): void {
  if (report.permit) return;
  flow.heading('No permit result', 2);
  flow.paragraph(
    'This was not recorded as a permit inspection. No pass, correction or refusal is given; what was found stands below with its sources.',
  );
}

/** Each finding in one row with the text it rests on. */
export function findingTable({ flow, report }: Page): void {
  flow.heading('Findings and sources', 2);
  if (report.findings.length === 0) flow.paragraph('Nothing was found in what was recorded.');
  else
    table(
      flow,
      [
        { title: 'No.', share: 0.6 },
        { title: 'Where', share: 2.2 },
        { title: 'What was seen', share: 5 },
        { title: 'Grade, by when', share: 2.2 },
        { title: 'Source', share: 4 },
      ],
      report.findings.map((finding) => [
        String(finding.number),
        `${finding.panelName}, ${finding.place}`,
        finding.seen,
        `${finding.gradeWord}, ${finding.by}`,
        [...finding.sources, finding.since].filter(Boolean).join('; '),
      ]),
    );
}
