import 'server-only';
import { levelWords } from '@/core/show/report/readings';
import type { Page } from '../page';

/** Readings and what was tried in the circuit model. */
export function readings({ flow, report }: Page): void {
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
