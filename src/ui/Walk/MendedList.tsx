'use client';

import { countsAsMended } from '@/core/show/report/mended';
import { findingWords } from '@/core/show/report/finding-words';
import { observe } from '@/core/fieldwork/recording/draft';
import { gradeWords } from '@/core/vocabulary/grade';
import { useBook } from '../Book/context';

const nowWords = {
  mended: 'put right, by what was recorded after',
  gone: 'taken out',
  'not-seen': 'said to be mended; not seen since',
  found: 'said to be mended; still found',
} as const;

/** What was mended on the visit, as it was found. */
export function MendedList() {
  const { state, actions } = useBook();
  const { judged, settings, site } = state.assessment;
  const mended = judged ? state.assessment.mended : [];
  if (mended.length === 0) return null;
  return (
    <section aria-labelledby="mended">
      <h3 id="mended" className="mt-4 font-bold">
        Mended on this visit {mended.filter(countsAsMended).length} of {mended.length}
      </h3>
      <ul>
        {mended.map(({ finding, mend, now }) => (
          <li key={finding.key} className="border-hair border-b py-1.5">
            <strong>{finding.verdict.place.label}</strong>{' '}
            {findingWords(finding.verdict, 'short', settings)}
            <br />
            <span className="text-ink2">
              {gradeWords[finding.grade]} as found; {nowWords[now]}
              {mend.by && `; by ${mend.by}`}
            </span>
            {!countsAsMended({ now }) && state.mending === undefined && (
              <button
                className="act mt-1"
                onClick={() =>
                  void actions.record(() => [observe(site.reader, mend.id, { mendDone: false })])
                }
              >
                Go on recording it
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
