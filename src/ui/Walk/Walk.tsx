'use client';

import { useEffect, useRef, useState } from 'react';
import { cautionLead, cautionSupply } from '@/core/show/report/cautions';
import { useBook } from '../Book/context';
import { DangerTag } from './DangerTag';
import { Detail } from './Detail';
import { Ledger } from './Ledger';
import { PanelSheet } from './PanelSheet';
import { ShorthandBar } from './ShorthandBar';
import { StageRail } from './StageRail';
import { OneOf } from '../primitives/OneOf';

/** Alt with 1 to 9 leads to stages 1 to 9, with 0 to 10. */
function stageOfKey(code: string): number | undefined {
  const digit = /^Digit(\d)$/.exec(code)?.[1];
  return digit === undefined ? undefined : Number(digit) || 10;
}

/** Desk: rail, sheet, ledger, shorthand. Phone: strip, sheet, and below it detail or findings. */
export function Walk() {
  const { store, state, trouble, selection, actions } = useBook();
  const [typed, setTyped] = useState('');
  const [below, setBelow] = useState<'detail' | 'findings'>('detail');
  const shorthand = useRef<HTMLInputElement>(null);
  const detail = useRef<HTMLDivElement>(null);
  const inHand = JSON.stringify(selection);

  useEffect(() => {
    detail.current?.scrollTo({ top: 0 });
  }, [inHand]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof HTMLInputElement ||
        event.target instanceof HTMLTextAreaElement ||
        event.target instanceof HTMLSelectElement;
      if (event.key === '/' && !typing) {
        event.preventDefault();
        shorthand.current?.focus();
        return;
      }
      const stage = event.altKey && stageOfKey(event.code);
      if (stage) {
        event.preventDefault();
        actions.select({ kind: 'stage', stage });
        requestAnimationFrame(() =>
          detail.current
            ?.querySelector<HTMLElement>('input, select, fieldset button, textarea')
            ?.focus(),
        );
        return;
      }
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      if (event.target instanceof HTMLInputElement && event.target.value !== '') return;
      if (event.target instanceof HTMLTextAreaElement) return;
      event.preventDefault();
      void (event.shiftKey ? store.redo() : store.undo());
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [store, actions]);

  const typeInto = (character: string) => {
    actions.dropTrouble();
    setTyped((text) => text + character);
    shorthand.current?.focus();
  };
  const count = state.assessment.findings.length;
  return (
    <div className="grid h-full grid-rows-[auto_1fr_auto] lg:grid-cols-[196px_1fr_316px] lg:grid-rows-[1fr_auto]">
      <StageRail />
      <main className="bg-sheet relative min-h-0 min-w-0 overflow-hidden" aria-label="Panel">
        <PanelSheet typed={typed} onType={typeInto} />
        <DangerTag />
        {trouble && (
          <p
            role="alert"
            className="border-danger bg-sheet text-danger outline-line absolute inset-x-3 top-3 border-l-4 p-2 text-sm font-semibold outline"
          >
            {trouble}
          </p>
        )}
      </main>
      <aside
        className="border-line bg-app max-lg:border-accent flex min-h-0 flex-col max-lg:h-[42dvh] max-lg:border-t-2 lg:border-l"
        aria-label="Detail and findings"
      >
        <p className="border-hair text-caption text-ink2 border-b px-4 py-1 text-center lg:hidden">
          <strong className="text-ink">{cautionLead}</strong> {cautionSupply}
        </p>
        <div className="flex gap-2 px-4 pt-2 lg:hidden">
          <OneOf
            label="Below the drawing"
            className="flex flex-1 gap-2"
            each="act flex-1"
            choices={[
              { value: 'detail', words: 'Detail' },
              { value: 'findings', words: `Findings ${count}` },
            ]}
            value={below}
            choose={setBelow}
          />
          <button className="act" disabled={!state.canRedo} onClick={() => void store.redo()}>
            Redo
          </button>
        </div>
        <div
          ref={detail}
          className={`lg:border-line min-h-0 overflow-y-auto max-lg:flex-1 lg:max-h-[56%] lg:border-b ${below === 'detail' ? '' : 'max-lg:hidden'}`}
          tabIndex={0}
          role="region"
          aria-label="Selected"
        >
          <Detail />
        </div>
        <div
          className={`min-h-0 flex-1 overflow-y-auto ${below === 'findings' ? '' : 'max-lg:hidden'}`}
          tabIndex={0}
          role="region"
          aria-label="Found"
        >
          <Ledger />
        </div>
      </aside>
      <div className="max-lg:hidden lg:col-span-3">
        <ShorthandBar ref={shorthand} typed={typed} setTyped={setTyped} />
      </div>
    </div>
  );
}
