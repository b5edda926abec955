'use client';

import Link from 'next/link';
import { useEffect, useRef, useState } from 'react';
import type { Who } from '../who';
import { cautionLead, cautionSupply } from '@/core/report/cautions';
import { useWalk } from './context';
import { DangerTag } from './DangerTag';
import { Detail } from './Detail';
import { Ledger } from './Ledger';
import { PanelSheet } from './PanelSheet';
import { ShorthandBar } from './ShorthandBar';
import { StageRail } from './StageRail';
import { WalkHeader } from './WalkHeader';

interface WalkLayoutProps {
  who: Who;
  inspection: string;
  trouble: string | undefined;
  choosePanel(id: string): void;
}

/** Desk: rail, sheet, ledger, shorthand. Phone: strip, sheet, and below it detail or findings. */
export function WalkLayout({ who, inspection, trouble, choosePanel }: WalkLayoutProps) {
  const { store, state } = useWalk();
  const [typed, setTyped] = useState('');
  const [below, setBelow] = useState<'detail' | 'findings'>('detail');
  const shorthand = useRef<HTMLInputElement>(null);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      if (event.target instanceof HTMLInputElement && event.target.value !== '') return;
      event.preventDefault();
      void (event.shiftKey ? store.redo() : store.undo());
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [store]);

  const typeInto = (character: string) => {
    setTyped((text) => text + character);
    shorthand.current?.focus();
  };
  const count = state.assessment.findings.length;
  return (
    <div className="grid h-dvh grid-rows-[auto_auto_1fr_auto] md:grid-cols-[196px_1fr_316px] md:grid-rows-[auto_1fr_auto]">
      <div className="md:col-span-3">
        <WalkHeader who={who} inspection={inspection} choosePanel={choosePanel} />
      </div>
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
        className="border-line bg-app max-md:border-accent flex min-h-0 flex-col max-md:h-[42dvh] max-md:border-t-2 md:border-l"
        aria-label="Detail and findings"
      >
        <p className="border-hair text-caption text-ink2 border-b px-4 py-1 text-center md:hidden">
          <strong className="text-ink">{cautionLead}</strong> {cautionSupply}
        </p>
        <div className="flex gap-2 px-4 pt-2 md:hidden">
          <button
            className="act flex-1"
            aria-pressed={below === 'detail'}
            onClick={() => setBelow('detail')}
          >
            Detail
          </button>
          <button
            className="act flex-1"
            aria-pressed={below === 'findings'}
            onClick={() => setBelow('findings')}
          >
            Findings {count}
          </button>
          <Link className="act" href={`/inspections/${inspection}/report`}>
            Report
          </Link>
        </div>
        <div
          className={`md:border-line min-h-0 overflow-y-auto max-md:flex-1 md:max-h-[52%] md:border-b ${below === 'detail' ? '' : 'max-md:hidden'}`}
          tabIndex={0}
          role="region"
          aria-label="Selected"
        >
          <Detail />
        </div>
        <div
          className={`min-h-0 flex-1 overflow-y-auto ${below === 'findings' ? '' : 'max-md:hidden'}`}
          tabIndex={0}
          role="region"
          aria-label="Found"
        >
          <Ledger />
        </div>
      </aside>
      <div className="max-md:hidden md:col-span-3">
        <ShorthandBar ref={shorthand} typed={typed} setTyped={setTyped} />
      </div>
    </div>
  );
}
