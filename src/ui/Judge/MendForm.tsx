'use client';

import { useState } from 'react';
import { remedyWords } from '@/core/advise/remedies';
import type { Finding } from '@/core/judge/grading/finding';
import { beginMend } from '@/core/fieldwork/recording/mend-step';
import { SomeOf } from '../primitives/OneOf';
import { useBook } from '../Book/context';

/** Mended while the inspector is there: who does what, with which parts; then what is there now. */
export function MendForm({ findings }: { findings: readonly Finding[] }) {
  const { state, who, actions } = useBook();
  const { rule } = findings[0]!.verdict;
  const [mended, setMended] = useState<readonly string[]>(findings.map(({ key }) => key));
  const [by, setBy] = useState('');
  const [how, setHow] = useState('');
  const [parts, setParts] = useState('');
  const { site } = state.assessment.site;
  if (state.mending !== undefined || site === undefined) return null;
  return (
    <details>
      <summary className="act w-full">Mended now, on this visit</summary>
      <div className="mt-2 grid gap-2">
        <p className="text-ink2">
          The finding stays as it was found. What you record after you begin is the state after the
          work; the rules judge it again.
        </p>
        {findings.length > 1 && (
          <SomeOf
            label="Mended at"
            className="flex flex-wrap gap-2"
            choices={findings.map(({ key, verdict }) => ({
              value: key,
              words: verdict.place.label,
            }))}
            value={mended}
            choose={setMended}
          />
        )}
        <label className="text-caption text-ink2 grid gap-0.5">
          Mended by
          <input
            className="field"
            value={by}
            maxLength={200}
            placeholder={who.name}
            onChange={(event) => setBy(event.target.value)}
          />
        </label>
        <div className="flex flex-wrap gap-2" role="group" aria-label="What was done, as advised">
          {remedyWords(rule.remedies).map((one) => (
            <button
              key={one}
              className="act"
              onClick={() => setHow(one)}
              aria-pressed={how === one}
            >
              {one}
            </button>
          ))}
        </div>
        <label className="text-caption text-ink2 grid gap-0.5">
          What was done
          <input
            className="field"
            value={how}
            maxLength={600}
            onChange={(event) => setHow(event.target.value)}
          />
        </label>
        <label className="text-caption text-ink2 grid gap-0.5">
          Parts used
          <input
            className="field"
            value={parts}
            maxLength={400}
            onChange={(event) => setParts(event.target.value)}
          />
        </label>
        <button
          className="act act-main"
          disabled={mended.length === 0}
          onClick={() =>
            void actions.record((newId) => [
              beginMend(newId(), site, mended, {
                by: by.trim() || who.name,
                how: how.trim(),
                parts: parts.trim(),
              }),
            ])
          }
        >
          Begin: record what is there now
        </button>
        <p className="text-caption text-ink2">
          Work is for licensed people, on dead equipment proven dead. This only records it.
        </p>
      </div>
    </details>
  );
}
