'use client';

import Link from 'next/link';
import { Redo2, Undo2 } from 'lucide-react';
import { Brand } from '../primitives/Brand';
import { ThemeChoice } from '../theme/ThemeChoice';
import type { Who } from '../who';
import { CoverageRuler } from './CoverageRuler';
import { useWalk } from './context';
import { HeldStatus } from './HeldStatus';

interface WalkHeaderProps {
  who: Who;
  inspection: string;
  choosePanel(id: string): void;
}

export function WalkHeader({ who, inspection, choosePanel }: WalkHeaderProps) {
  const { store, state, panel } = useWalk();
  const { site } = state.assessment;
  return (
    <header className="border-line bg-app flex min-h-11 items-center gap-x-4 border-b px-4 py-1 max-md:gap-x-3">
      <span className="max-md:hidden">
        <Brand />
      </span>
      <div className="md:border-line min-w-0 leading-tight max-md:flex-1 md:border-l md:pl-4">
        <h1 className="truncate font-bold">{site.name}</h1>
        {site.panels.length > 1 ? (
          <select
            className="bg-app text-caption text-ink2 max-w-44"
            aria-label="Panel"
            value={panel.id}
            onChange={(event) => choosePanel(event.target.value)}
          >
            {site.panels.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        ) : (
          <p className="text-caption text-ink2 truncate">{panel.name}</p>
        )}
      </div>
      <nav className="flex gap-4 max-md:hidden md:mx-auto" aria-label="Views">
        <span className="border-accent border-b-2 py-2 font-bold" aria-current="page">
          Walk
        </span>
        <Link className="text-ink2 hover:text-ink py-2" href={`/inspections/${inspection}/report`}>
          Report
        </Link>
      </nav>
      <div className="min-w-0 items-center gap-x-4 max-md:text-right md:flex">
        <HeldStatus state={state} />
        <CoverageRuler share={state.assessment.coverage.seenShare} />
      </div>
      <div className="flex items-center gap-1">
        <button
          className="act px-2!"
          disabled={!state.canUndo}
          onClick={() => void store.undo()}
          aria-label="Undo"
        >
          <Undo2 size={16} aria-hidden="true" />
        </button>
        <button
          className="act px-2!"
          disabled={!state.canRedo}
          onClick={() => void store.redo()}
          aria-label="Redo"
        >
          <Redo2 size={16} aria-hidden="true" />
        </button>
      </div>
      <span className="max-md:hidden">
        <ThemeChoice compact />
      </span>
      <span className="text-caption text-ink2 max-xl:hidden">{who.name}</span>
    </header>
  );
}
