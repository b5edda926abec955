import { useState } from 'react';
import { properties } from '@/core/record/entries/properties';
import type { PropertyValue } from '@/core/record/entries/properties';
import type { ActDone } from '@/core/judge/scope/visit-coverage';
import { add, observe } from '@/core/fieldwork/recording/draft';
import { useBook } from '../Book/context';
import { OneOf } from '../primitives/OneOf';

type Because = PropertyValue<'omittedBecause'>;
const reasons = Object.entries(properties.omittedBecause.choices) as [Because, string][];

/** Why an agreed act was not done, and who sees to it: it stays not seen, and the report says why. */
export function OmissionForm({ act }: { act: ActDone }) {
  const { state, actions } = useBook();
  const { reader, site } = state.assessment.site;
  const { omission } = act;
  const [words, setWords] = useState(omission?.words ?? '');
  const [by, setBy] = useState(omission?.by ?? '');
  if (site === undefined) return null;
  const keep = (facts: { omittedBecause?: Because; omissionWords?: string; omissionBy?: string }) =>
    void actions.record((newId) => [
      omission
        ? observe(reader, omission.id, facts)
        : add('omission', newId(), site, { omits: act.key, ...facts }),
    ]);
  return (
    <details className="mt-1">
      <summary className="text-ink2 max-lg:min-h-12">Why not</summary>
      <div className="mt-1 grid gap-2">
        <OneOf
          label={`${properties.omittedBecause.label}: ${act.what}`}
          className="flex flex-wrap gap-1.5"
          choices={reasons.map(([value, one]) => ({ value, words: one }))}
          value={omission?.because}
          choose={(omittedBecause) => keep({ omittedBecause })}
        />
        <label className="text-caption text-ink2 grid gap-0.5">
          {properties.omissionWords.label}
          <input
            className="field"
            value={words}
            maxLength={200}
            onChange={(event) => setWords(event.target.value)}
            onBlur={() => {
              if (words.trim() && words.trim() !== omission?.words)
                keep({ omissionWords: words.trim() });
            }}
          />
        </label>
        <label className="text-caption text-ink2 grid gap-0.5">
          {properties.omissionBy.label}
          <input
            className="field"
            value={by}
            maxLength={200}
            onChange={(event) => setBy(event.target.value)}
            onBlur={() => {
              if (by.trim() && by.trim() !== omission?.by) keep({ omissionBy: by.trim() });
            }}
          />
        </label>
      </div>
    </details>
  );
}
