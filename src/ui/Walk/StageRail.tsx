'use client';

import { useEffect, useMemo, useRef } from 'react';
import { cautionLead } from '@/core/show/report/cautions';
import type { StageState } from '@/core/fieldwork/walk/stage-states';
import { actsAt, stageStates } from '@/core/fieldwork/walk/stage-states';
import { useBook, useInHand } from '../Book/context';
import { useDrawn } from '../Book/Drawn';
import { notJudged } from '../Book/NotJudged';

/** The stages with what is seen and not, at the desk. */
export function StageRail() {
  const { panel } = useBook();
  const { selection } = useInHand();
  const assessment = useDrawn();
  const states = useMemo(() => stageStates(assessment, panel.id), [assessment, panel.id]);
  const left = useMemo(
    () =>
      assessment.judged
        ? actsAt(assessment, panel.id).filter(({ wants }) => wants.length > 0)
        : undefined,
    [assessment, panel.id],
  );
  const strip = useRef<HTMLOListElement>(null);
  const current =
    selection.kind === 'stage'
      ? selection.stage
      : { screw: 9, thing: 0, position: 8 }[selection.kind];
  useEffect(() => {
    strip.current
      ?.querySelector('[aria-current]')
      ?.scrollIntoView({ block: 'nearest', inline: 'start' });
  }, [current]);
  return (
    <nav
      aria-label="Stages"
      className="border-line bg-app flex min-h-0 flex-col max-lg:hidden lg:overflow-y-auto lg:border-r"
    >
      <ol ref={strip} className="flex flex-col pt-2">
        {states.map((one) => (
          <StageItem key={one.stage.number} state={one} current={current === one.stage.number} />
        ))}
      </ol>
      <section className="mt-3 px-3 pb-3">
        <h2 className="font-bold">{left ? `Agreed, not made: ${left.length}` : notJudged}</h2>
        <ul className="text-caption text-ink2 mt-1 grid gap-1.5">
          {left?.slice(0, 6).map(({ key, stage, what, wants }) => (
            <li key={key} className="grid grid-cols-[1.4rem_1fr]">
              <span className="text-ink">{stage}</span>
              <span>
                {wants.some(({ likely }) => likely) && (
                  <strong className="text-ink">likely a finding: </strong>
                )}
                {what}: {wants[0]!.say}
                {wants.length > 1 && ` and ${wants.length - 1} more`}
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

/** One stage: acts made of those agreed, else facts noted of those asked. */
function StageItem({ state, current }: { state: StageState; current: boolean }) {
  const { actions } = useBook();
  const { stage, made, agreed, noted, asked } = state;
  const [done, all] = agreed > 0 ? [made, agreed] : [noted, asked];
  const words = [
    agreed > 0 && `${made} of ${agreed} agreed acts made`,
    asked > 0 && `${noted} of ${asked} facts noted`,
  ].filter(Boolean);
  return (
    <li className="shrink-0">
      <button
        className={`hover:bg-sheet grid w-full grid-cols-[1.4rem_1fr_auto] items-baseline gap-x-1 px-3 py-1.5 text-left ${current ? 'border-accent bg-sheet border-l-4 pl-2 font-bold' : ''}`}
        aria-current={current ? 'step' : undefined}
        title={words.join('; ')}
        onClick={() => actions.select({ kind: 'stage', stage: stage.number })}
      >
        <span className="text-ink2">{stage.number}</span>
        <span className="truncate">{stage.name}</span>
        <span className="text-caption text-ink2">
          {agreed > 0 ? `${made}/${agreed}` : asked > 0 ? `${noted} noted` : ''}
        </span>
        {all > 0 && (
          <span className="col-span-3 mt-1 flex" aria-hidden="true">
            <span
              className={`h-0 ${agreed > 0 ? 'border-ink border-b-2' : 'border-ink3 border-b'}`}
              style={{ width: `${(done / all) * 100}%` }}
            />
            <span className="border-ink3 h-0 flex-1 border-b border-dashed" />
          </span>
        )}
      </button>
    </li>
  );
}
