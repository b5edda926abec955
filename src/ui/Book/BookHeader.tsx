'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { Redo2, Undo2 } from 'lucide-react';
import { Brand } from '../primitives/Brand';
import { ThemeChoice } from '../theme/ThemeChoice';
import { BookMenu } from './BookMenu';
import { views } from './views';
import { CoverageRuler } from './CoverageRuler';
import { useBook, useHolding } from './context';
import { useDrawn } from './Drawn';
import { HeldStatus } from './HeldStatus';
import { notJudged } from './NotJudged';
import { NoteThis } from './NoteThis';

export function BookHeader() {
  const { store, state, panel, inspection, who, actions } = useBook();
  const { site } = state.assessment;
  const drawn = useDrawn();
  const path = usePathname();
  return (
    <header className="border-line bg-app min-w-0 border-b print:hidden">
      <div className="flex min-h-11 items-center gap-x-4 px-4 py-1 max-lg:gap-x-1.5 max-lg:px-3">
        <span className="max-xl:hidden">
          <Brand narrow />
        </span>
        <BookMenu inspection={inspection} path={path} />
        <div className="xl:border-line min-w-0 leading-tight max-lg:hidden xl:border-l xl:pl-4">
          <h1 className="truncate font-bold">{site.name}</h1>
          {site.panels.length > 1 ? (
            <select
              className="bg-app text-caption text-ink2 max-w-44"
              aria-label="Panel"
              value={panel.id}
              onChange={(event) => actions.choosePanel(event.target.value)}
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
        <Views inspection={inspection} path={path} className="max-lg:hidden lg:mx-auto" />
        <div className="min-w-0 items-center gap-x-4 max-lg:text-right lg:flex">
          <Holding />
          {drawn.judged ? (
            <CoverageRuler visit={drawn.visit} />
          ) : (
            <span className="text-caption text-ink2">{notJudged}</span>
          )}
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
            className="act px-2! max-lg:hidden!"
            disabled={!state.canRedo}
            onClick={() => void store.redo()}
            aria-label="Redo"
          >
            <Redo2 size={16} aria-hidden="true" />
          </button>
          <NoteThis />
        </div>
        <span className="max-xl:hidden">
          <ThemeChoice compact />
        </span>
        <span className="text-caption text-ink2 max-2xl:hidden">{who.name}</span>
      </div>
    </header>
  );
}

function Holding() {
  return <HeldStatus holding={useHolding()} />;
}

function Views({
  inspection,
  path,
  className,
}: {
  inspection: string;
  path: string;
  className: string;
}) {
  return (
    <nav className={`flex gap-3 overflow-x-auto 2xl:gap-4 ${className}`} aria-label="Views">
      {views.map(([name, words]) =>
        path.endsWith(`/${name}`) ? (
          <span key={name} className="border-accent border-b-2 py-2 font-bold" aria-current="page">
            {words}
          </span>
        ) : (
          <Link
            key={name}
            className="text-ink2 hover:text-ink py-2"
            href={`/inspections/${inspection}/${name}`}
          >
            {words}
          </Link>
        ),
      )}
    </nav>
  );
}
