'use client';

import { observe } from '@/core/fieldwork/recording/draft';
import { readingsAfter } from '@/core/show/report/readings-after';
import { useBook } from './context';

/** Stands over every view while something is being mended: what is recorded now is the state after. */
export function MendStrip() {
  const { state, actions } = useBook();
  const { mending, assessment } = state;
  if (mending === undefined) return null;
  const { reader } = assessment.site;
  const mended = assessment.judged
    ? assessment.mended.find(({ mend }) => mend.id === mending)
    : undefined;
  const verdict = mended?.finding.verdict;
  const now =
    mended &&
    {
      mended: 'By what is recorded it is not found any more.',
      gone: 'What it was found at is not there any more.',
      'not-seen': 'What is recorded does not show yet whether it is mended.',
      found: 'It is still found: record what is different now.',
    }[mended.now];
  return (
    <div
      role="status"
      className="border-accent bg-sheet flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-l-8 px-3 py-1.5 print:hidden"
    >
      <p className="min-w-0 flex-1">
        <strong>
          Mending{verdict && ` ${verdict.place.label}: ${verdict.rule.title.toLowerCase()}`}.
        </strong>{' '}
        {now}
        {verdict && (
          <span className="text-ink2 max-lg:hidden">
            {' '}
            Read and record after it: {readingsAfter(verdict.rule.id).join('; ')}.
          </span>
        )}
      </p>
      <button
        className="act act-main"
        onClick={() => void actions.record(() => [observe(reader, mending, { mendDone: true })])}
      >
        All of it recorded
      </button>
    </div>
  );
}
