import { dayWords } from '@/core/show/report/dates';
import type { Letterhead } from '@/core/codes/settings/letterhead';
import { reportLetterhead } from '@/core/show/report/letterhead';
import {
  covers,
  letterhead as letterheadBlocks,
  terms,
} from '@/core/show/report/blocks/letterhead';
import type { Source } from '@/core/show/report/blocks/sheet';
import { Blocks } from '../Report/Blocks';

/** How the letterhead looks on a report, by the blocks the report is made of. */
export function LetterheadPreview({
  office,
  letterhead,
}: {
  office: string;
  letterhead: Letterhead;
}) {
  const source = { report: { letterhead: reportLetterhead(office, letterhead) } } as Source;
  const at = { drawings: {}, pictures: '/pictures' };
  return (
    <section aria-labelledby="preview" className="grid grid-cols-1 content-start gap-2">
      <h2 id="preview" className="text-heading font-bold">
        As it is printed
      </h2>
      <div
        className="bg-sheet border-line grid content-between gap-6 border p-6"
        style={{ aspectRatio: letterhead.paper === 'letter' ? '8.5 / 11' : '210 / 297' }}
      >
        <div>
          <Blocks blocks={letterheadBlocks(source)} {...at} />
          <p className="text-lg font-bold">Panel report, a place</p>
          <p className="text-sm font-bold">
            Report 2026-0001, issued {dayWords('2026-04-14', letterhead.dates)}
          </p>
          <p className="text-ink2 mt-4 text-sm">What was found stands here.</p>
        </div>
        <div>
          <Blocks blocks={[...covers(source), ...terms(source)]} {...at} />
        </div>
      </div>
    </section>
  );
}
