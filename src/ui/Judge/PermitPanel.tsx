import type { Assessment } from '@/core';
import { permitOutcome, permitWords } from '@/core/judge/permit/outcome';

interface PermitPanelProps {
  assessment: Assessment;
  choose(key: string): void;
}

/** For a permit inspection: pass, correct or refuse, against the scope of the work alone. */
export function PermitPanel({ assessment, choose }: PermitPanelProps) {
  const outcome = permitOutcome(assessment);
  if (!outcome) return null;
  return (
    <section className="border-line mt-4 border-t pt-3" aria-labelledby="permit">
      <h3 id="permit" className="font-bold">
        Permit {outcome.number ?? 'without a number'}
      </h3>
      {outcome.covers && <p className="text-ink2">Covers: {outcome.covers}</p>}
      <p className="text-heading mt-1 font-bold">
        {outcome.result ? permitWords[outcome.result] : 'No result yet'}
      </p>
      <p>{outcome.because}.</p>
      <ul className="mt-1">
        {outcome.inside.map((finding) => (
          <li key={finding.key}>
            <button
              className="text-left underline max-lg:min-h-12"
              onClick={() => choose(finding.key)}
            >
              {finding.verdict.place.label}: {finding.verdict.rule.title}
            </button>
          </li>
        ))}
      </ul>
      {outcome.toSee.length > 0 && (
        <details className="mt-1">
          <summary className="max-lg:min-h-12">Still to see inside the work</summary>
          <ul className="text-ink2">
            {outcome.toSee.map((line) => (
              <li key={line.rule + line.say}>
                {line.places.map((place) => place.label).join(', ')}: {line.say}
              </li>
            ))}
          </ul>
        </details>
      )}
      <p className="text-ink2 mt-1">
        {outcome.outside.length} outside the work: told to the owner, no part of the result.
      </p>
    </section>
  );
}
