'use client';

import { useEffect, useRef } from 'react';
import { coverageOf, notSeenLines } from '@/core/examine/coverage';
import { cautionLead } from '@/core/report/cautions';
import { askedAt } from '@/core/walk/asked';
import { stages } from '@/core/walk/stages';
import { useBook } from '../Book/context';

/** The stages with what is seen and not; a strip on a phone. */
export function StageRail() {
  const { state, panel, selection, actions } = useBook();
  const verdicts = state.assessment.verdicts.filter((verdict) => verdict.panel === panel.id);
  const wants = notSeenLines(verdicts);
  const strip = useRef<HTMLOListElement>(null);
  const current =
    selection.kind === 'stage'
      ? selection.stage
      : selection.kind === 'screw'
        ? 9
        : selection.kind === 'thing'
          ? 0
          : 8;
  useEffect(() => {
    strip.current
      ?.querySelector('[aria-current]')
      ?.scrollIntoView({ block: 'nearest', inline: 'start' });
  }, [current]);
  return (
    <nav
      aria-label="Stages"
      className="border-line bg-app flex min-h-0 flex-col overflow-x-auto max-md:border-b md:overflow-y-auto md:border-r"
    >
      <ol ref={strip} className="flex md:flex-col md:pt-2">
        {stages.map(({ number, name }) => {
          const coverage = coverageOf(verdicts.filter((verdict) => verdict.rule.stage === number));
          const seen = coverage.found + coverage.clear;
          const all = seen + coverage.notSeen;
          const asked =
            all > 0
              ? []
              : askedAt(number, state.assessment.site, panel).flatMap((group) => group.facts);
          const noted = asked.filter((fact) => fact.recorded).length;
          return (
            <li key={number} className="shrink-0">
              <button
                className={`hover:bg-sheet grid w-full grid-cols-[1.4rem_1fr_auto] items-baseline gap-x-1 px-3 py-1.5 text-left max-md:min-h-14 max-md:min-w-36 ${current === number ? 'border-accent bg-sheet font-bold max-md:border-t-4 md:border-l-4 md:pl-2' : ''}`}
                aria-current={current === number ? 'step' : undefined}
                onClick={() => actions.select({ kind: 'stage', stage: number })}
              >
                <span className="text-ink2">{number}</span>
                <span className="truncate">{name}</span>
                <span className="text-caption text-ink2 max-md:hidden">
                  {all > 0 ? `${seen}/${all}` : asked.length > 0 ? `${noted} noted` : ''}
                </span>
                <span className="text-caption text-ink2 col-start-2 md:hidden">
                  {all > 0
                    ? `${seen} seen, ${coverage.notSeen} not`
                    : asked.length > 0
                      ? `${noted} of ${asked.length} noted`
                      : ''}
                </span>
                {all > 0 && (
                  <span className="col-span-3 mt-1 flex" aria-hidden="true">
                    <span
                      className="border-ink h-0 border-b-2"
                      style={{ width: `${(seen / all) * 100}%` }}
                    />
                    <span className="border-ink3 h-0 flex-1 border-b border-dashed" />
                  </span>
                )}
              </button>
            </li>
          );
        })}
      </ol>
      <section className="mt-3 px-3 pb-3 max-md:hidden">
        <h2 className="font-bold">
          Not seen: {wants.reduce((sum, line) => sum + line.places.length, 0)}
        </h2>
        <ul className="text-caption text-ink2 mt-1 grid gap-1.5">
          {wants.slice(0, 6).map((line) => (
            <li
              key={`${line.rule}${line.say}${line.likely}`}
              className="grid grid-cols-[1.4rem_1fr]"
            >
              <span className="text-ink">{line.places.length}</span>
              <span>
                {line.likely && <strong className="text-ink">likely a finding: </strong>}
                {line.say}
              </span>
            </li>
          ))}
        </ul>
        <p className="border-hair text-caption text-ink2 mt-4 border-t pt-2">
          <strong className="text-ink">{cautionLead}</strong> The supply side of the main stays
          live. Work is for licensed people.
        </p>
      </section>
    </nav>
  );
}
