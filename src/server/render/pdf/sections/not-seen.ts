import 'server-only';
import { unseenByStage } from '@/core/show/report/not-seen';
import { counted } from '@/core/vocabulary/phrases';
import type { Page } from '../page';
import { table } from '../table';

/** What was not seen: for the client by what would have to be looked at, else line by line. */
export function notSeen({ flow, report, audience }: Page): void {
  const { coverage } = report;
  const seen = coverage.found + coverage.clear;
  flow.gap(8);
  flow.heading('What was not seen', 2);
  flow.paragraph(
    `${seen} of ${seen + coverage.notSeen} checks that apply could be made (${Math.round(coverage.seenShare * 100)} %). Not seen does not mean fine. A check is one rule at one place, so one thing not looked at can leave many open.`,
  );
  if (report.notSeen.length === 0) return;
  if (audience === 'client') unseenStages(flow, report);
  else
    table(
      flow,
      [
        { title: 'Check', share: 4 },
        { title: 'Where', share: 3 },
        { title: 'What is wanted', share: 4 },
      ],
      report.notSeen.map((line) => [
        `${line.likely ? 'Likely a finding: ' : ''}${line.title}`,
        `${line.panelName}, ${line.places.length > 3 ? `${line.places.length} places` : line.places.join(', ')}`,
        line.say,
      ]),
    );
}

function unseenStages(flow: Page['flow'], report: Page['report']): void {
  const stages = unseenByStage(report);
  for (const words of stages.flatMap(({ likely }) => likely))
    flow.item('Likely a finding, not settled', words);
  table(
    flow,
    [
      { title: 'Part of the visit', share: 2 },
      { title: 'Still to look at, or to measure', share: 8 },
      { title: 'Leaves open', share: 1.4 },
    ],
    stages.map(({ stage, wants, checks }) => [stage, wants.join('; '), counted(checks, 'check')]),
  );
  flow.paragraph('Line by line, with places, in the whole record.', { size: 8.5 });
}

/** Facts that contradict each other. */
export function doubts({ flow, report }: Page): void {
  if (report.doubts.length === 0) return;
  flow.heading('To be cleared up', 2);
  for (const doubt of report.doubts) flow.paragraph(doubt);
}
