'use client';

import { useState } from 'react';
import { outletRoundRef } from '@/core/record/entries/thing-types';
import { observe } from '@/core/fieldwork/recording/draft';
import type { Seen } from '@/core/model/tracing/decode';
import type { PanelTrace } from '@/core/model/tracing/trace-of-panel';
import { breakerOf } from '@/core/model/tracing/words';
import { useBook } from '../Book/context';
import { OneOf } from '../primitives/OneOf';
import { askJson } from '@/client/http';

interface RoundScreenProps {
  trace: PanelTrace;
  round: PanelTrace['rounds'][number];
  done(): void;
}

/** One round, for a thumb: first what to switch off, then each outlet dead or alive. */
export function RoundScreen({ trace, round, done }: RoundScreenProps) {
  const { state, panel, actions, inspection } = useBook();
  const { reader } = state.assessment.site;
  const { number, off } = round;
  const begun = trace.outlets.some(({ looks }) => looks.has(number));
  const [walking, walk] = useState(begun);
  const [fault, setFault] = useState<string>();
  const left = trace.outlets.filter(({ looks }) => !looks.has(number));
  const see = (ids: readonly string[], inRound: Seen) =>
    actions.record(() => ids.map((id) => observe(reader, outletRoundRef(id, number), { inRound })));
  const ask = async () => {
    const answer = await askJson<{ outlets: Record<string, Seen> }>(
      `/inspections/${inspection}/round.json?round=${round.id}`,
    );
    setFault(answer.ok ? undefined : 'The stand-in house does not answer.');
    if (!answer.ok) return;
    const said = answer.value.outlets;
    await actions.record(() =>
      trace.outlets.flatMap(({ id }) =>
        said[id] ? [observe(reader, outletRoundRef(id, number), { inRound: said[id] })] : [],
      ),
    );
  };
  return (
    <section aria-labelledby="round">
      <div className="flex items-center gap-3">
        <h3 id="round" className="flex-1 text-xl font-bold">
          Round {number}
        </h3>
        <button className="act" onClick={done}>
          Leave it
        </button>
      </div>
      {!walking ? (
        <>
          <p className="mt-2 text-base">Switch these off, and nothing else:</p>
          <ul className="mt-2 grid grid-cols-3 gap-2 sm:grid-cols-4 md:grid-cols-6">
            {off.map((circuit) => (
              <li
                key={circuit}
                className="border-ink bg-app grid min-h-14 place-items-center border-2 text-xl font-bold"
              >
                {breakerOf(panel, circuit)}
              </li>
            ))}
          </ul>
          <button className="act act-main mt-4 min-h-14 w-full text-lg" onClick={() => walk(true)}>
            They are off: walk the rooms
          </button>
        </>
      ) : (
        <>
          <p className="mt-2">
            {left.length === 0
              ? 'All looked at. Switch them on again.'
              : `${left.length} of ${trace.outlets.length} still to look at. Off: ${off.map((one) => breakerOf(panel, one)).join(', ')}.`}
          </p>
          {fault && (
            <p role="alert" className="text-danger font-semibold">
              {fault}
            </p>
          )}
          <ul className="mt-2 grid gap-x-6 md:grid-cols-2">
            {trace.outlets.map(({ id, name, room, looks }) => (
              <li
                key={id}
                className="border-hair grid grid-cols-[minmax(0,1fr)_auto] items-center gap-2 border-b py-1"
              >
                <span>
                  <strong>{name}</strong> <span className="text-ink2">{room}</span>
                </span>
                <OneOf
                  label={`${name}, ${room ?? ''}`}
                  each="act min-h-12! w-20"
                  choices={(['dead', 'alive'] as const).map((seen) => ({
                    value: seen,
                    words: seen,
                    name: `${name}, ${room ?? ''} ${seen}`,
                  }))}
                  value={looks.get(number)}
                  choose={(seen) => void see([id], seen)}
                />
              </li>
            ))}
          </ul>
          <div className="mt-3 flex flex-wrap gap-2">
            <button
              className="act min-h-12!"
              disabled={left.length === 0}
              onClick={() =>
                void see(
                  left.map(({ id }) => id),
                  'alive',
                )
              }
            >
              The rest is alive
            </button>
            <button className="act min-h-12!" onClick={() => void ask()}>
              Ask the stand-in house
            </button>
            <button
              className="act act-main min-h-12 flex-1"
              disabled={left.length > 0}
              onClick={done}
            >
              Round {number} is done
            </button>
          </div>
        </>
      )}
    </section>
  );
}
