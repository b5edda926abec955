import { counted } from '../../../vocabulary/phrases';
import { gradeWords } from '../../../vocabulary/grade';
import type { Block } from './block';
import { paragraph, part, run, strong } from './say';
import type { Source } from './sheet';

/** What became of the report that is closed, item by item; the rules decide, not the tick. */
export function closing({ report }: Source): Block[] {
  if (!report.closing) return [];
  const { of, items, fresh, open } = report.closing;
  return part('closing', `What became of report ${of}`, [
    ...paragraph(
      strong(open === 0 ? 'Everything in it is mended.' : `${counted(open, 'item')} still open.`),
    ),
    {
      kind: 'list',
      lines: [
        ...items.map(({ number, title, place, before, nowWords, words, disagrees }) => ({
          words: [
            strong(`${number} ${title}`),
            run(`, ${place}: was ${gradeWords[before.grade]}; `),
            run([nowWords, words, disagrees].filter(Boolean).join('. ')),
          ],
        })),
        ...fresh.map(({ title, place, short }) => ({
          words: [strong(`New: ${title}`), run(`, ${place}: ${short}`)],
        })),
      ],
    },
  ]);
}
