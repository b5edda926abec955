import 'server-only';
import type { Page } from '../page';
import { table } from '../table';

/** Settings, then every entry by whom and when. */
export function record({ flow, record: whole }: Page): void {
  if (!whole) return;
  flow.doc.addPage();
  flow.heading('Settings it was graded by', 2);
  for (const { term, says } of whole.settings) flow.item(term, says);
  flow.heading('Every entry', 2);
  table(
    flow,
    [
      { title: 'When', share: 2 },
      { title: 'Who, on what', share: 2.4 },
      { title: 'About', share: 2.4 },
      { title: 'Says', share: 5 },
      { title: 'Entry', share: 2 },
    ],
    whole.lines.map(({ at, by, device, about, says, id }) => [
      at.slice(0, 16).replace('T', ' '),
      `${by}, ${device}`,
      about,
      says,
      id,
    ]),
  );
}
