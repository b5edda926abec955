'use client';

import { useMemo } from 'react';
import type { Contradiction } from '@/core/fieldwork/merging/contradiction';
import { settle } from '@/core/fieldwork/merging/settle';
import { canonicalJson } from '@/core/vocabulary/canonical';
import type { Finding } from '@/core/judge/grading/finding';
import { contradictionWords } from '@/core/show/report/contradiction-words';
import type { SaidBy } from '@/core/show/report/contradiction-words';
import { findingWords } from '@/core/show/report/finding-words';
import { useBook } from '../Book/context';
import { GradeMark } from '../primitives/GradeMark';
import { GradeWord } from '../primitives/GradeWord';
import { sentWords } from '../primitives/sent-words';

/** What two hands recorded against each other: both, who and when, what counts, and a tap that settles it. */
export function ContradictionCard({ contradiction }: { contradiction: Contradiction }) {
  const { state, actions } = useBook();
  const { site } = state.assessment;
  const words = contradictionWords(contradiction, site, state.entries);
  const turning = useTurningOn(contradiction);
  const byWords = useByWords();
  return (
    <section
      className="border-accent bg-sheet grid gap-2 border border-l-8 p-3"
      aria-label={words.title}
    >
      <h3 className="font-bold">{words.title}</h3>
      <ul className="grid gap-2">
        {words.sides.map((side, index) => (
          <li key={index} className="border-hair grid gap-1 border-t pt-2">
            <p>
              <strong>{side.says}</strong>
              <span className="text-ink2"> · {side.by.map(byWords).join('; ')}</span>
            </p>
            <Turning findings={turning?.[index]} />
            {settle(contradiction, index, site, state.entries) && (
              <button
                className="act justify-start! text-left"
                onClick={() => void actions.settle(contradiction, index)}
              >
                Settle: {side.settle}
              </button>
            )}
          </li>
        ))}
      </ul>
      <p className="text-caption text-ink2">{words.until}</p>
    </section>
  );
}

/** "Ines Marrable, 10:05" */
function useByWords() {
  const { names, who } = useBook();
  return ({ author, at }: SaidBy) =>
    `${author === who.member ? 'you' : (names.get(author) ?? 'a colleague')}, ${sentWords(at)}`;
}

/** By side, what is found only if it is so; undefined: nothing is judged here, or nothing turns on one fact. */
function useTurningOn(one: Contradiction): (readonly Finding[])[] | undefined {
  const { state } = useBook();
  const { judging, assessment } = state;
  const isOfFact = one.kind === 'values' || one.kind === 'presence';
  const conflict = isOfFact
    ? assessment.inspection.conflicts.find(
        ({ about, property }) => about === one.about && property === one.property,
      )
    : undefined;
  return useMemo(() => {
    if (!judging || !assessment.judged || !conflict || !isOfFact) return undefined;
    const found = judging.findingsTurningOn(assessment, conflict);
    return one.sides.map(({ value }) => found.get(canonicalJson(value)) ?? []);
  }, [judging, assessment, conflict, isOfFact, one]);
}

/** So many are named of what turns on one side. */
const named = 3;

function Turning({ findings }: { findings: readonly Finding[] | undefined }) {
  const { state } = useBook();
  if (!findings) return null;
  if (findings.length === 0)
    return <p className="text-caption text-ink2">By what is recorded, no finding turns on it.</p>;
  return (
    <ul className="text-caption grid gap-0.5">
      {findings.slice(0, named).map(({ key, grade, verdict }) => (
        <li key={key} className="flex gap-1.5">
          <GradeMark grade={grade} size={14} />
          <span>
            <GradeWord grade={grade} /> {verdict.place.label}:{' '}
            {findingWords(verdict, 'short', state.assessment.settings)}
          </span>
        </li>
      ))}
      {findings.length > named && <li>and {findings.length - named} more</li>}
    </ul>
  );
}
