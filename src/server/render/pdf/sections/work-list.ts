import 'server-only';
import { isolationCaution } from '@/core/show/report/isolation';
import { mendingWords } from '@/core/show/report/mending';
import { workList } from '@/core/show/report/work-list';
import { gradeLine } from '../grade-line';
import type { Page } from '../page';
import { nothingFound, sourcesOf } from './finding';

/** The electrician's list: by panel and place, with what is needed to quote and to do it. */
export function workListSection(page: Page): void {
  const { flow, report } = page;
  flow.heading('Work by place', 2);
  flow.paragraph(isolationCaution, { bold: true });
  if (report.staysOn) flow.item('Must stay on, as told', report.staysOn);
  nothingFound(page);
  let off = '';
  for (const { panelName, place, findings } of workList(report)) {
    flow.gap(4);
    flow.room(130);
    flow.rule();
    flow.heading(`${panelName}, ${place}`, 3);
    for (const finding of findings) {
      flow.place(`finding-${finding.number}`);
      gradeLine(
        flow,
        finding.grade,
        `${finding.number}  ${finding.gradeWord}, ${finding.by}: ${finding.title}`,
      );
      flow.item('Found', `${finding.seen} (${finding.certainty})`);
      if (finding.absorbed.length > 0) flow.item('Of the same cause', finding.absorbed.join('; '));
      flow.item('To do', finding.ask);
      for (const words of finding.also) flow.item('To do too', words);
      flow.item('Ways', mendingWords(finding));
      if (finding.whyHere) flow.item('Calculated', finding.whyHere.sentence);
      if (finding.madeSafe) flow.item('Made safe', finding.madeSafe);
      flow.item('Source', sourcesOf(finding));
      if (finding.photos.length > 0) flow.item('Photos', finding.photos.join(', '));
    }
    const [first] = findings;
    for (const words of [...new Set(findings.flatMap(({ exact }) => exact))])
      flow.item('There', words);
    const isolation = `${panelName}: ${[...new Set(findings.map((one) => one.isolation))].join(' ')}`;
    flow.item('To be off', isolation === off ? 'as at the place before' : isolation);
    off = isolation;
    if (first!.torque) flow.item('Torque', first!.torque);
    flow.item(
      'Read and record after',
      [...new Set(findings.flatMap(({ readingsAfter }) => readingsAfter))].join('; '),
    );
  }
  flow.heading('Panels: label, supply and room left', 3);
  for (const { name, label } of report.panels) flow.item(name, label);
}
