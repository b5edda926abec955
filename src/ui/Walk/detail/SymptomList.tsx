'use client';

import { properties } from '@/core/record/entries/properties';
import { symptomChecks } from '@/core/fieldwork/walk/symptom-checks';
import { stages } from '@/core/fieldwork/walk/stages';
import { useBook } from '../../Book/context';

/** What the told symptoms call for, each a step to its stage. */
export function SymptomList() {
  const { state, actions } = useBook();
  const { site, reader } = state.assessment.site;
  const told = (site && reader.value(site, 'symptoms')) || [];
  if (told.length === 0) return null;
  return (
    <section
      className="border-hair grid gap-2 border-t pt-2"
      aria-label="What the symptoms call for"
    >
      <strong>What the symptoms call for</strong>
      {told.map((symptom) => {
        const { suspect, look } = symptomChecks[symptom];
        return (
          <div key={symptom}>
            <p>
              <span className="sure-told">{properties.symptoms.choices[symptom]}</span>: {suspect}
            </p>
            <ul className="mt-1 grid gap-1">
              {look.map(({ stage, at }) => (
                <li key={stage + at}>
                  <button
                    className="act w-full justify-start! text-left"
                    onClick={() => actions.select({ kind: 'stage', stage })}
                  >
                    {stage} {stages[stage - 1]!.name}: {at}
                  </button>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
      <p className="text-ink2">Never keep resetting a breaker that trips.</p>
    </section>
  );
}
