import 'server-only';
import { counted } from '@/core/vocabulary/phrases';
import type { Page } from '../page';

/** Item by item, what became of the report that is closed. */
export function closing({ flow, report }: Page): void {
  if (!report.closing) return;
  const { of, items, fresh, open } = report.closing;
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
