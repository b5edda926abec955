import { counted } from '../../../vocabulary/phrases';
import { gradeWords } from '../../../vocabulary/grade';
import { numberWords } from '../places';
import type { ReturnComparison } from '../return-comparison';
import type { Block } from './block';
import { paragraph, part, run, strong } from './say';
import type { Source } from './sheet';

/** What became of the report that is closed, item by item; the rules decide, not the tick. */
export function closing({ report }: Source): Block[] {
  if (!report.closing) return [];
  const { of, items, fresh, open } = report.closing;
  return part('closing', `What became of report ${of}`, [
    ...paragraph(strong(open > 0 ? `${counted(open, 'item')} still open.` : closedWords(items))),
    {
      kind: 'list',
      lines: [
        ...items.map(({ number, letter, title, place, before, nowWords, words, disagrees }) => ({
          words: [
            strong(`${numberWords({ number, letter: letter ?? '' })} ${title}`),
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

/** Where nothing is open: mended is said of what was mended alone, not of what is gone or was never found. */
const closedWords = (items: ReturnComparison['items']): string =>
  items.length === 0
    ? 'It had no findings; none is recorded now.'
    : items.every(({ now }) => now === 'mended')
      ? 'Everything in it is mended.'
      : 'Nothing of it is open by what is recorded now; what became of each stands below.';
