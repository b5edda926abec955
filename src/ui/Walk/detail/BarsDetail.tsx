'use client';

import { add } from '@/core/fieldwork/recording/draft';
import type { BarView } from '@/core/installation/panel/views';
import { useBook } from '../../Book/context';
import { FactField } from '../../facts/FactField';

const counts = [8, 12, 18, 24];

const kinds = [
  { kind: 'neutral', words: 'a neutral bar' },
  { kind: 'ground', words: 'a ground bar' },
  { kind: 'both', words: 'one bar for both' },
] as const;

/** The neutral and ground bars, and a count of everything on each. */
export function BarsDetail() {
  const { panel, actions } = useBook();
  const addBar = (kind: 'neutral' | 'ground' | 'both', terminalCount: number) => {
    const barKind = kind === 'both' ? 'neutral' : kind;
    void actions.record((newId) => [
      add('bar', newId(), panel.id, {
        barKind,
        ...(kind === 'both' && { forBoth: true }),
        side: barKind === 'neutral' ? 'left' : 'right',
        terminalCount,
      }),
    ]);
  };
  return (
    <>
      {panel.bars.map((bar) => (
        <BarRow key={bar.id} bar={bar} />
      ))}
      {kinds.map(({ kind, words }) => (
        <div
          key={kind}
          className="flex flex-wrap items-center gap-1.5"
          role="group"
          aria-label={`Add ${words}`}
        >
          <span className="text-caption text-ink2">Add {words} with</span>
          {counts.map((count) => (
            <button
              key={count}
              className="act px-2!"
              onClick={() => addBar(kind, count)}
              aria-label={`${kind === 'both' ? 'one bar for both' : `${kind} bar`} with ${count} screws`}
            >
              {count}
            </button>
          ))}
          <span className="text-caption text-ink2">screws</span>
        </div>
      ))}
    </>
  );
}

function BarRow({ bar }: { bar: BarView }) {
  const { actions } = useBook();
  return (
    <fieldset className="border-hair border-t pt-2">
      <legend className="sr-only">{bar.kind} bar</legend>
      <p className="flex items-center justify-between gap-2">
        <strong>
          {bar.kind === 'ground'
            ? 'Ground bar'
            : bar.forBoth
              ? 'Bar for neutrals and grounds'
              : 'Neutral bar'}
        </strong>
        <button
          className="act"
          onClick={() => actions.select({ kind: 'screw', bar: bar.id, number: 1 })}
        >
          Its screws
        </button>
      </p>
      <FactField about={bar.id} property="conductorCount" />
      <p className="text-caption text-ink2">
        {bar.landed} recorded so far. The count says that these are all; without it more may be
        there.
      </p>
    </fieldset>
  );
}
