'use client';

import { useState } from 'react';
import { ChevronLeft, ChevronRight, ListChecks } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useMemo } from 'react';
import type { StageState } from '@/core/fieldwork/walk/stage-states';
import { stageStates } from '@/core/fieldwork/walk/stage-states';
import { itemsOf } from '@/core/judge/grading/items';
import { PhotoKey } from '../Photos/PhotoKey';
import { refOfSelection } from '../Book/selected-ref';
import { useBook, useInHand } from '../Book/context';
import { useDrawn } from '../Book/Drawn';
import { notJudged } from '../Book/NotJudged';
import type { Below } from './DangerLine';
import { currentStage, seenWords } from './stage-words';

/** Under the thumb: the stage with its neighbours, all sixteen by name, the findings, the camera. */
export function StageBar({ below, show }: Below) {
  const { panel, actions } = useBook();
  const { selection } = useInHand();
  const assessment = useDrawn();
  const states = useMemo(() => stageStates(assessment, panel.id), [assessment, panel.id]);
  const [open, setOpen] = useState(false);
  const current = currentStage(selection);
  const at = states.findIndex(({ stage }) => stage.number === current);
  const here = states[Math.max(at, 0)]!;
  const count = useMemo(
    () =>
      assessment.judged ? itemsOf(assessment.findings, assessment.settings).length : undefined,
    [assessment],
  );
  const go = (number: number) => {
    setOpen(false);
    show('detail');
    actions.select({ kind: 'stage', stage: number });
  };
  const about = refOfSelection(selection, panel);
  return (
    <nav
      className="border-line bg-app grid grid-cols-[48px_minmax(0,1fr)_48px_56px_56px] gap-1.5 border-t px-3 py-2.5 lg:hidden"
      aria-label="Stages"
    >
      <button
        className="act px-0!"
        aria-label="Stage before"
        disabled={at <= 0}
        onClick={() => go(states[at - 1]!.stage.number)}
      >
        <ChevronLeft size={20} aria-hidden="true" />
      </button>
      <Dialog.Root open={open} onOpenChange={setOpen}>
        <Dialog.Trigger className="act grid! grid-cols-[auto_minmax(0,1fr)] px-2! text-left">
          <span className="text-heading font-bold">{here.stage.number}</span>
          <span className="min-w-0 leading-tight">
            <span className="block truncate font-bold">{here.stage.name}</span>
            <span className="text-caption text-ink2 block truncate font-normal">
              {seenWords(here)}
            </span>
          </span>
        </Dialog.Trigger>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 bg-black/40" />
          <Dialog.Content
            className="border-accent bg-app fixed inset-x-0 bottom-0 z-10 max-h-[92dvh] overflow-y-auto border-t-4 p-3"
            aria-describedby={undefined}
          >
            <Dialog.Title className="sr-only">The stages of the walk</Dialog.Title>
            <ol className="grid grid-cols-2 gap-1.5">
              {states.map((one) => (
                <StageKey key={one.stage.number} state={one} at={current} go={go} />
              ))}
            </ol>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
      <button
        className="act px-0!"
        aria-label="Next stage"
        disabled={at >= states.length - 1}
        onClick={() => go(states[at + 1]!.stage.number)}
      >
        <ChevronRight size={20} aria-hidden="true" />
      </button>
      <button
        className="act flex-col gap-0! px-0! leading-tight"
        aria-pressed={below === 'findings'}
        aria-label={
          count === undefined ? `Findings: ${notJudged.toLowerCase()}` : `Findings ${count}`
        }
        onClick={() => show(below === 'findings' ? 'detail' : 'findings')}
      >
        <ListChecks size={18} aria-hidden="true" />
        {count ?? '…'}
      </button>
      <PhotoKey {...(about && { about })} />
    </nav>
  );
}

function StageKey({ state, at, go }: { state: StageState; at: number; go(number: number): void }) {
  const { number, name } = state.stage;
  return (
    <li>
      <button
        className={`act w-full justify-start! text-left ${number === at ? 'border-accent! border-l-4!' : ''}`}
        aria-current={number === at ? 'step' : undefined}
        onClick={() => go(number)}
      >
        <span className="text-ink2 w-6 shrink-0">{number}</span>
        <span className="min-w-0 leading-tight">
          <span className="block truncate">{name}</span>
          <span className="text-caption text-ink2 block truncate font-normal">
            {seenWords(state)}
          </span>
        </span>
      </button>
    </li>
  );
}
