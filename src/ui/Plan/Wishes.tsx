'use client';

import { useState } from 'react';
import { add, observe } from '@/core/fieldwork/recording/draft';
import { properties } from '@/core/record/entries/properties';
import type { PropertyValue } from '@/core/record/entries/properties';
import { wishesOf } from '@/core';
import { wishDraws, wishWords } from '@/core/advise/planning/wish';
import { useBook } from '../Book/context';

type Kind = PropertyValue<'wishKind'>;
const kinds = Object.entries(properties.wishKind.choices) as [Kind, string][];

/** What somebody wants besides: each with what the supply says of it, and a form for another. */
export function Wishes() {
  const { state, panel, actions } = useBook();
  const { site, yardstick } = state.assessment;
  const [open, setOpen] = useState(false);
  const [kind, setKind] = useState<Kind>('circuit-240');
  const [amps, setAmps] = useState('20');
  const [positions, setPositions] = useState('4');
  const wishes = wishesOf(site);
  const draws = kind === 'charger' || kind.startsWith('circuit');
  const record = async () => {
    const trouble = await actions.record((newId) => [
      add('wish', newId(), site.site!, {
        wishKind: kind,
        wishPanel: panel.id,
        ...(draws && { wishA: Number(amps) }),
        ...(kind === 'spare-positions' && { wishPositions: Number(positions) }),
      }),
    ]);
    if (!trouble) setOpen(false);
  };
  return (
    <section aria-label="Wanted besides" className="border-hair border-t py-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <strong>Wanted besides:</strong>
        {wishes.length === 0 && <span className="text-ink2">nothing</span>}
        {wishes.map((wish) => {
          const at = site.panels.find(({ id }) => id === wish.panel)!;
          const { condition } = wishDraws(site, at, wish, yardstick);
          return (
            <span key={wish.id} className="border-line flex items-center gap-2 border px-2 py-0.5">
              <span>
                {wishWords(wish)}, {at.name}
                <span className="text-ink2"> ({condition.says})</span>
              </span>
              <button
                className="act px-2!"
                aria-label={`Not wanted any more: ${wishWords(wish)}`}
                onClick={() =>
                  void actions.record(() => [observe(site.reader, wish.id, { removed: true })])
                }
              >
                ×
              </button>
            </span>
          );
        })}
        <button className="act" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Close' : 'Add a wish'}
        </button>
      </div>
      {open && (
        <form
          className="mt-2 flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void record();
          }}
        >
          <label className="text-caption text-ink2 grid gap-0.5">
            {properties.wishKind.label}
            <select
              className="field"
              value={kind}
              onChange={(event) => {
                const next = event.target.value as Kind;
                setKind(next);
                setAmps(next === 'charger' ? '32' : '20');
              }}
            >
              {kinds.map(([value, words]) => (
                <option key={value} value={value}>
                  {words}
                </option>
              ))}
            </select>
          </label>
          {draws && (
            <label className="text-caption text-ink2 grid gap-0.5">
              {properties.wishA.label}, A
              <input
                className="field"
                type="number"
                step="any"
                min="1"
                max="400"
                required
                value={amps}
                onChange={(event) => setAmps(event.target.value)}
              />
            </label>
          )}
          {kind === 'spare-positions' && (
            <label className="text-caption text-ink2 grid gap-0.5">
              {properties.wishPositions.label}
              <input
                className="field"
                type="number"
                min="1"
                max="40"
                required
                value={positions}
                onChange={(event) => setPositions(event.target.value)}
              />
            </label>
          )}
          <button className="act act-main">Record it</button>
        </form>
      )}
    </section>
  );
}
