import 'server-only';
import { keepAway } from '@/core/show/report/cautions';
import { directoryWords } from '@/core/show/report/directory-words';
import type { Page } from '../page';
import { table } from '../table';

/** A page to hang beside the panel: how to shut off, and what each breaker feeds. */
export function shutOffCard({ flow, report }: Page): void {
  if (report.shutOff.length === 0) return;
  flow.doc.addPage();
  flow.heading('Shut-off card', 2);
  flow.paragraph(
    'Cut this page out and keep it by the panel. Stand on a dry floor, use the handles only, leave every cover on.',
  );
  flow.paragraph(keepAway);
  for (const { panelName, how, staysLive } of report.shutOff) {
    flow.heading(panelName, 3);
    for (const line of how) flow.paragraph(line, { size: 12, bold: true });
    flow.item('Stays live all the same', staysLive);
  }
  if (report.staysOn) flow.item('Must stay on, as told', report.staysOn);
}

/** What each breaker feeds. */
export function directory({ flow, report }: Page): void {
  for (const { panelName, lines } of report.directories) {
    if (lines.length === 0) continue;
    flow.heading(`Circuit directory, ${panelName}`, 2);
    table(
      flow,
      [
        { title: 'Breaker', share: 1 },
        { title: 'Rating', share: 1 },
        { title: 'Feeds', share: 6 },
        { title: 'Known by', share: 2 },
      ],
      lines.map(directoryWords),
    );
  }
}

/** Everyday comparisons for the dangers found, and the words explained. */
export function inPlainWords({ flow, report }: Page): void {
  if (report.comparisons.length > 0) {
    flow.heading('What these dangers are like', 2);
    for (const { hazard, says } of report.comparisons) flow.item(hazard, says);
  }
}

export function glossary({ flow, report }: Page): void {
  if (report.glossary.length === 0) return;
  flow.heading('Words', 2);
  for (const { term, says } of report.glossary) flow.item(term, says);
}

/** What was told, agreed and known beforehand. */
export function told({ flow, report }: Page): void {
  if (report.told.length === 0) return;
  flow.heading('Told and agreed', 2);
  for (const { label, says } of report.told) flow.item(label, says);
}

/** What was noted besides, and what others must look at. */
export function besides({ flow, report }: Page): void {
  if (report.referrals.length > 0) {
    flow.heading('For others to look at', 2);
    flow.paragraph('Outside an inspection of the panel; noted, not judged.');
    for (const { to, words, about, by } of report.referrals)
      flow.item(`Ask ${to}`, `${[about, words].filter(Boolean).join(': ')} (${by})`);
  }
  if (report.notes.length > 0) {
    flow.heading('Also noted', 2);
    for (const { about, words, by } of report.notes) flow.item(about, `${words} (${by})`);
  }
}
