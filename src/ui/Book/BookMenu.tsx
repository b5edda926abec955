'use client';

import Link from 'next/link';
import { useState } from 'react';
import { ChevronDown, Redo2 } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { ThemeChoice } from '../theme/ThemeChoice';
import { OneOf } from '../primitives/OneOf';
import { useBook } from './context';
import { views } from './views';

/** The phone's heading: place and panel, and behind them every view, the panels and the theme. */
export function BookMenu({ inspection, path }: { inspection: string; path: string }) {
  const { store, state, panel, actions } = useBook();
  const { site } = state.assessment;
  const [open, setOpen] = useState(false);
  const here = views.find(([name]) => path.endsWith(`/${name}`));
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <h1 className="flex min-w-24 flex-1 lg:hidden">
        <Dialog.Trigger
          className="min-h-12 min-w-0 flex-1 text-left leading-tight lg:hidden"
          aria-label={`${site.name}, ${panel.name}: views and panels`}
        >
          <span className="block truncate font-bold">{site.name}</span>
          <span className="text-caption text-ink2 flex items-center gap-1">
            <span className="truncate">
              {panel.name}
              {here && here[0] !== 'walk' && ` · ${here[1]}`}
            </span>
            <ChevronDown size={14} className="shrink-0" aria-hidden="true" />
          </span>
        </Dialog.Trigger>
      </h1>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-10 bg-black/40" />
        <Dialog.Content
          className="border-accent bg-app fixed inset-x-0 bottom-0 z-20 grid max-h-[92dvh] gap-3 overflow-y-auto border-t-4 p-3"
          aria-describedby={undefined}
        >
          <Dialog.Title className="text-heading truncate font-bold">{site.name}</Dialog.Title>
          {site.panels.length > 1 && (
            <OneOf
              label="Panel"
              className="grid grid-cols-2 gap-1.5"
              choices={site.panels.map(({ id, name }) => ({ value: id, words: name }))}
              value={panel.id}
              choose={(id) => {
                actions.choosePanel(id);
                setOpen(false);
              }}
            />
          )}
          <div className="flex items-center justify-between gap-2">
            <ThemeChoice compact />
            <button className="act" disabled={!state.canRedo} onClick={() => void store.redo()}>
              <Redo2 size={16} aria-hidden="true" /> Redo
            </button>
          </div>
          <nav aria-label="Views" className="grid grid-cols-2 gap-1.5">
            {views.map(([name, words]) => (
              <Link
                key={name}
                className={`act ${here?.[0] === name ? 'act-main' : ''}`}
                aria-current={here?.[0] === name ? 'page' : undefined}
                href={`/inspections/${inspection}/${name}`}
                onClick={() => setOpen(false)}
              >
                {words}
              </Link>
            ))}
            <Link className="act col-span-2" href="/">
              Today: all inspections
            </Link>
          </nav>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
