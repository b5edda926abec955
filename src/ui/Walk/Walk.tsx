'use client';

import { useCallback, useDeferredValue, useEffect, useRef, useState } from 'react';
import { useBook, useInHand } from '../Book/context';
import { DangerLine } from './DangerLine';
import { Detail } from './Detail';
import { Ledger } from './Ledger';
import { PanelSheet } from './PanelSheet';
import { ShorthandBar } from './ShorthandBar';
import { StageBar } from './StageBar';
import { StageRail } from './StageRail';
import { usePreviewResult } from './use-preview';

/** Alt with 1 to 9 leads to stages 1 to 9, with 0 to 10. */
function stageOfKey(code: string): number | undefined {
  const digit = /^Digit(\d)$/.exec(code)?.[1];
  return digit === undefined ? undefined : Number(digit) || 10;
}

/** Desk: rail, sheet, ledger, shorthand. Phone: drawing, detail or findings, and the stages under the thumb. */
export function Walk() {
  const { store, panel, actions } = useBook();
  const { trouble, selection } = useInHand();
  const [typed, setTyped] = useState('');
  const result = usePreviewResult(useDeferredValue(typed));
  const [below, setBelow] = useState<'detail' | 'findings'>('detail');
  const shorthand = useRef<HTMLInputElement>(null);
  const detail = useRef<HTMLDivElement>(null);
  const showDetail = useCallback(() => setBelow('detail'), []);
  // A position whose breaker was taken out is another thing in hand.
  const standing =
    selection.kind === 'position' &&
    panel.positions.find(({ number }) => number === selection.number)?.devices[0]?.id;
  const inHand = JSON.stringify([selection, standing]);

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
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)] grid-rows-[224px_auto_minmax(0,1fr)_auto] lg:grid-cols-[196px_1fr_316px] lg:grid-rows-[1fr_auto]">
      <StageRail />
      <main className="bg-sheet relative min-h-0 min-w-0 overflow-hidden" aria-label="Panel">
        <PanelSheet preview={result.preview} onType={typeInto} onTouch={showDetail} />
        {trouble && (
          <p
            role="alert"
            className="border-danger bg-sheet text-danger outline-line absolute inset-x-3 top-3 border-l-4 p-2 text-sm font-semibold outline"
          >
            {trouble}
          </p>
        )}
      </main>
      <DangerLine below={below} show={setBelow} />
      <aside
        className="border-line bg-app flex min-h-0 flex-col lg:border-l"
        aria-label="Detail and findings"
      >
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
      <StageBar below={below} show={setBelow} />
      <div className="max-lg:hidden lg:col-span-3">
        <ShorthandBar ref={shorthand} typed={typed} setTyped={setTyped} result={result} />
      </div>
    </div>
  );
}
