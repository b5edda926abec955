'use client';

import { useState } from 'react';
import type { TellLine } from '@/core/advise/planning/tell-first';
import { gives, tellFirst } from '@/core/advise/planning/tell-first';
import { observe } from '@/core/fieldwork/recording/draft';
import { counted } from '@/core/vocabulary/phrases';
import { askDesk } from '@/stand-ins/desk';
import { useBook } from '../Book/context';

/** Who is told before the work of the chosen plan; what each gives in return is written down here. */
export function TellFirst({ plan }: { plan: string }) {
  const { reader } = useBook().state.assessment.site;
  const lines = tellFirst(reader, plan);
  if (lines.length === 0) return null;
  const wanted = lines.filter(({ reference }) => reference === undefined).length;
  return (
    <section aria-label="Tell first" className="border-hair border-t py-2">
      <p>
        <strong>Tell first.</strong>{' '}
        {wanted === 0
          ? 'All references are here.'
          : `${counted(wanted, 'reference')} wanted: work does not begin before.`}
      </p>
      <ul className="mt-1 grid gap-2">
        {lines.map((line) => (
          <Line key={line.whom} plan={plan} line={line} />
        ))}
      </ul>
    </section>
  );
}

/** Where the reference of each is written. */
const writtenAs = { permit: 'planPermit', utility: 'planUtility', owner: 'planOwner' } as const;

function Line({ plan, line: { whom, why, days, reference } }: { plan: string; line: TellLine }) {
  const { state, actions } = useBook();
  const { words, gives: given } = gives[whom];
  const [text, setText] = useState('');
  const [asking, setAsking] = useState(false);
  const keep = (value: string) =>
    actions.record(() => [
      observe(state.assessment.site.reader, plan, { [writtenAs[whom]]: value }, 'told'),
    ]);
  return (
    <li className="border-hair flex flex-wrap items-end gap-x-4 gap-y-1 border-b pb-2">
      <span className="min-w-0 flex-1 basis-64">
        <strong>{words}</strong>: {why}; about {counted(days, 'day')}
      </span>
      {reference !== undefined ? (
        <span className="border-line border px-2 py-1 font-semibold">{reference}</span>
      ) : (
        <form
          className="flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (text.trim()) void keep(text.trim());
          }}
        >
          <label className="text-caption text-ink2 grid gap-0.5">
            {words}, {given}
            <input
              className="field border-dashed!"
              maxLength={whom === 'owner' ? 200 : 60}
              value={text}
              onChange={(event) => setText(event.target.value)}
            />
          </label>
          <button className="act" disabled={!text.trim()}>
            Record
          </button>
          {whom !== 'owner' && (
            <button
              type="button"
              className="act"
              disabled={asking}
              onClick={async () => {
                setAsking(true);
                await keep(await askDesk(whom, plan));
                setAsking(false);
              }}
            >
              {asking ? 'Asked: an answer takes a while' : 'Ask a stand-in desk, for practice'}
            </button>
          )}
        </form>
      )}
    </li>
  );
}
