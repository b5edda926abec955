'use client';

import { observe } from '@/core/fieldwork/recording/draft';
import type { WhatIf } from '@/core/vocabulary/what-if';
import { useBook } from '../Book/context';
import { clockDay } from '@/core/show/report/dates';

/** What-ifs kept with the inspection; each can be laid over the record again. */
export function KeptWhatIfs({ open }: { open(whatIf: WhatIf): void }) {
  const { state, actions, names } = useBook();
  const { reader } = state.assessment.site;
  const kept = [...reader.inspection.things.values()].filter(
    (thing) => thing.type === 'what-if' && !reader.value(thing.id, 'removed'),
  );
  if (kept.length === 0) return null;
  return (
    <section className="border-ink mt-6 border-t-2 pt-2" aria-labelledby="kept">
      <h3 id="kept" className="font-bold">
        Kept as evidence
      </h3>
      <ul>
        {kept.map(({ id }) => {
          const fact = reader.fact(id, 'whatIf');
          return (
            <li
              key={id}
              className="border-hair flex flex-wrap items-baseline gap-2 border-b py-1.5"
            >
              <span className="min-w-0 flex-1">
                <strong>{reader.value(id, 'name') ?? 'What if'}</strong>{' '}
                {reader.value(id, 'whatIfSays')}{' '}
                <span className="text-ink2">
                  {fact && `${names.get(fact.author) ?? 'a colleague'}, ${clockDay(fact.at)}`}
                </span>
              </span>
              {fact && (
                <button className="act" onClick={() => open(fact.value)}>
                  Lay it over
                </button>
              )}
              <button
                className="act"
                onClick={() => void actions.record(() => [observe(reader, id, { removed: true })])}
              >
                Take it out
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
