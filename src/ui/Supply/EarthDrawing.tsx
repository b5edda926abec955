'use client';

import type { Tie } from '@/core/installation/supply/earth';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook } from '../Book/context';

/** One thing of the earth row: its place, and where its conductor goes. */
export interface PlacedTie extends Tie {
  x: number;
  y: number;
  /** The node it is tied at, left edge and middle; undefined: not known. */
  to: { x: number; y: number } | undefined;
  /** Height of the run along which grounds go, one for each, so that none hides another. */
  run: number;
}

const symbols: Readonly<Record<string, string>> = {
  rod: 'M0 0V30M-4 26L0 34L4 26',
  plate: 'M0 0V14M-14 14H14V22H-14Z',
  ring: 'M0 0V10M-14 18A14 8 0 1 0 14 18A14 8 0 1 0 -14 18',
  encased: 'M0 0V8M-14 8H14V28H-14ZM-9 18H9',
  steel: 'M0 0V8M-10 8H10M0 8V28M-10 28H10',
  source: 'M0 0V6M-12 18A12 12 0 1 0 12 18A12 12 0 1 0 -12 18M-5 18Q-2 12 0 18T5 18',
  pipe: 'M0 0V10M-16 10H16M-16 20H16M-16 8V22M16 8V22',
};

/** Electrodes and pipes with their bonds: solid is seen from end to end, dashed is not, a gap is none. */
export function EarthDrawing({
  ties,
  chosen,
  choose,
}: {
  ties: readonly PlacedTie[];
  chosen: string;
  choose(id: string): void;
}) {
  const { state } = useBook();
  const { site } = state.assessment;
  return (
    <g>
      {ties.map(({ thing, x, y, to, run, conductor, sure }) => {
        const kind = site.reader.value(thing.id, 'electrodeKind');
        const symbol =
          symbols[
            thing.type === 'source'
              ? 'source'
              : thing.type === 'pipe' || kind === 'water-pipe'
                ? 'pipe'
                : (kind ?? 'rod')
          ]!;
        const words = thingWords(thing.id, site).replace(/^(Electrode|Pipe|Second supply): /, '');
        const tied =
          thing.type === 'source'
            ? to
              ? 'feeds it'
              : 'feeds: not seen'
            : { seen: 'tied', unseen: 'not seen tied', none: 'not tied' }[conductor];
        const selected = thing.id === chosen;
        return (
          <g
            key={thing.id}
            role="button"
            tabIndex={0}
            aria-pressed={selected}
            aria-label={`${words}, ${tied}`}
            data-chosen={selected}
            className="cursor-pointer"
            onClick={() => choose(thing.id)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter' && event.key !== ' ') return;
              event.preventDefault();
              choose(thing.id);
            }}
          >
            {to && (
              <path
                d={
                  conductor === 'none'
                    ? `M${x} ${y}V${y - 12}M${to.x} ${to.y}h-6`
                    : `M${x} ${y}V${run}H${to.x - 12}V${to.y}H${to.x}`
                }
                fill="none"
                stroke="var(--d-green, var(--ink))"
                strokeWidth={2}
                strokeDasharray={conductor === 'unseen' || !sure ? '5 4' : undefined}
              />
            )}
            {conductor === 'none' && (
              <path
                d={`M${x - 6} ${y - 20}l12 12M${x + 6} ${y - 20}l-12 12`}
                stroke="var(--danger)"
                strokeWidth={2}
              />
            )}
            <path
              d={symbol}
              transform={`translate(${x} ${y})`}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={selected ? 3 : 1.8}
            />
            <rect
              x={x - 46}
              y={y - 4}
              width={92}
              height={72}
              fill="transparent"
              stroke={selected ? 'var(--accent)' : 'none'}
            />
            <text x={x} y={y + 48} fontSize={11} textAnchor="middle" fill="var(--ink)">
              {words.length > 17 ? `${words.slice(0, 16)}…` : words}
            </text>
            <text x={x} y={y + 61} fontSize={10} textAnchor="middle" fill="var(--ink2)">
              {tied}
            </text>
          </g>
        );
      })}
    </g>
  );
}
