'use client';

import { countWords } from '@/core/show/report/visit';
import { useMemo, useState } from 'react';
import { drawPanel } from '@/core';
import { sheetSize } from '@/core/show/drawing/geometry';
import type { Entry } from '@/core/record/entries/entry';
import { orderEntries, withUndone } from '@/core/record/entries/history';
import type { HistoryItem } from '@/core/record/entries/inspection';
import { splitRef } from '@/core/record/entries/thing-types';
import { broughtWith } from '@/core/record/package/carried';
import { strangeWords } from '@/core/record/entries/strange';
import { broughtWords } from '@/core/show/report/record';
import { wallTimeWords } from '@/core/show/report/dates';
import { entryWords } from '@/core/show/report/entry-words';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook, useJudging } from '../Book/context';
import { lazily } from '../primitives/lazily';
import { Shapes } from '../drawing/Shapes';

const SpokenNote = lazily(async () => (await import('../Spoken/SpokenNote')).SpokenNote);

interface Action {
  id: string;
  items: HistoryItem[];
}

/** Every entry with who and when; narrowed to a thing; and the panel as it stood at any moment. */
export function History() {
  const { state } = useBook();
  const { site } = state.assessment;
  const [about, setAbout] = useState('');
  const [moment, setMoment] = useState<number>();
  const items = useMemo(() => withUndone(orderEntries(state.entries).ordered), [state.entries]);
  const things = useMemo(
    () => [...new Set(items.flatMap(({ entry }) => thingOf(entry) ?? []))],
    [items],
  );
  const shown = items.filter(({ entry }) => about === '' || thingOf(entry) === about);
  const actions = groupByAction(shown).reverse();
  return (
    <main className="bg-sheet grid h-full min-h-0 lg:grid-cols-[1fr_440px]" aria-label="History">
      <section className="min-h-0 overflow-y-auto p-4 lg:px-8" aria-labelledby="history">
        <div className="flex flex-wrap items-baseline justify-between gap-3">
          <h2 id="history" className="text-lg font-bold">
            History: {items.length} entries
          </h2>
          <label className="flex items-center gap-2">
            <span className="text-ink2">About</span>
            <select
              className="field max-w-64"
              value={about}
              onChange={(event) => setAbout(event.target.value)}
            >
              <option value="">everything</option>
              {things.map((thing) => (
                <option key={thing} value={thing}>
                  {thingWords(thing, site)}
                </option>
              ))}
            </select>
          </label>
        </div>
        <ol className="border-ink mt-3 border-t-2">
          {actions.map((action) => (
            <ActionItem
              key={action.id}
              action={action}
              stepBack={() => setMoment(items.indexOf(action.items.at(-1)!) + 1)}
            />
          ))}
        </ol>
      </section>
      <Moment
        entries={items.map(({ entry }) => entry)}
        moment={moment ?? items.length}
        choose={setMoment}
      />
    </main>
  );
}

const thingOf = (entry: Entry): string | undefined =>
  entry.kind === 'add'
    ? entry.thing
    : entry.kind === 'observe'
      ? splitRef(entry.about).thing
      : undefined;

function groupByAction(items: readonly HistoryItem[]): Action[] {
  const actions = new Map<string, Action>();
  for (const item of items) {
    const known = actions.get(item.entry.action);
    if (known) known.items.push(item);
    else actions.set(item.entry.action, { id: item.entry.action, items: [item] });
  }
  return [...actions.values()];
}

function ActionItem({ action, stepBack }: { action: Action; stepBack(): void }) {
  const { state, names, carried } = useBook();
  const { site } = state.assessment;
  const [first] = action.items;
  const { author, at, id } = first!.entry;
  const brought = broughtWith(carried, id);
  const strange = strangeWords(first!.entry, new Date().toISOString());
  return (
    <li className="border-hair grid grid-cols-[8.5rem_1fr_auto] gap-3 border-b py-1.5">
      <span className="text-ink2">
        {wallTimeWords(at)}
        <br />
        {names.get(author) ?? 'a colleague'}
        {brought && <span className="text-caption block">{broughtWords(brought)}</span>}
        {strange && <strong className="text-caption text-ink block">{strange}</strong>}
      </span>
      <ul className="min-w-0">
        {action.items.map(({ entry, undone }) => {
          const { about, says } = entryWords(entry, site);
          const spoken = spokenIn(entry);
          return (
            <li key={entry.id} id={entry.id} className={undone ? 'text-ink3 line-through' : ''}>
              <strong>{about}</strong> {says.join(', ')}
              {'certainty' in entry && (
                <span className={`text-caption text-ink2 sure-${entry.certainty} ml-1`}>
                  {entry.certainty}
                </span>
              )}
              {undone && <span className="sr-only"> taken back</span>}
              {spoken && <SpokenNote {...spoken} />}
            </li>
          );
        })}
      </ul>
      <button className="act h-fit" onClick={stepBack}>
        As it was then
      </button>
    </li>
  );
}

/** What was spoken with an entry; undefined: nothing was. */
function spokenIn(entry: Entry): { digest: string; seconds: number } | undefined {
  if (entry.kind !== 'add') return undefined;
  const { recording, recordingSeconds } = entry.facts as Record<string, unknown>;
  return typeof recording === 'string' && /^[0-9a-f]{64}$/.test(recording)
    ? { digest: recording, seconds: Number(recordingSeconds) || 0 }
    : undefined;
}

/** The panel at a moment, to look at only. */
function Moment({
  entries,
  moment,
  choose,
}: {
  entries: readonly Entry[];
  moment: number;
  choose(moment: number): void;
}) {
  const { state, panel } = useBook();
  const { assess } = useJudging();
  const { settings } = state.assessment;
  const then = useMemo(
    () => assess(entries.slice(0, moment), settings),
    [assess, entries, moment, settings],
  );
  const shown = then.site.panels.find((one) => one.id === panel.id);
  const drawing = shown && shown.layout.rows > 0 ? drawPanel(shown, then.site) : undefined;
  const size = drawing && sheetSize(drawing.geometry);
  return (
    <section
      className="border-line bg-app flex min-h-0 flex-col border-l p-4 max-lg:order-first max-lg:max-h-[45dvh] max-lg:border-b"
      aria-labelledby="moment"
    >
      <h3 id="moment" className="font-bold">
        {moment === entries.length ? 'As it stands' : `After entry ${moment}, to look at only`}
      </h3>
      <input
        type="range"
        min={0}
        max={entries.length}
        value={moment}
        aria-label="Moment in the history"
        onChange={(event) => choose(Number(event.target.value))}
        className="accent-accent my-2 w-full"
      />
      <p className="text-ink2">
        {then.findings.length} findings, {countWords(then.visit)}
      </p>
      {drawing && size ? (
        <svg
          className="mt-2 min-h-0 flex-1"
          viewBox={`-0.6 -0.7 ${size.width + 1.2} ${size.height + 1.4}`}
          role="img"
          aria-label={`${panel.name} after entry ${moment}`}
        >
          <Shapes shapes={drawing.shapes} />
        </svg>
      ) : (
        <p className="text-ink2 mt-3">This panel was not recorded yet.</p>
      )}
    </section>
  );
}
