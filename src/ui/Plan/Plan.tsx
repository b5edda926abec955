'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import type { PlanQuestion, PlanView, WorkLine } from '@/core';
import { planWords } from '@/core';
import { bearingOnPlans } from '@/core/advise/planning/chosen-plans';
import type { CostBook } from '@/core/codes/cost-book/cost-book';
import { counted, listed } from '@/core/vocabulary/phrases';
import { untilThenWords } from '@/core/show/report/until-then';
import { useBook, useInHand } from '../Book/context';
import { BeforeAfter } from './BeforeAfter';
import { FrontFigure } from './FrontFigure';
import { LookFirst } from './LookFirst';
import { Lines, PlanAside } from './PlanAside';
import { moneyWords } from './money';
import { PlanRows } from './PlanRows';
import { PartsList } from './PartsList';
import { ChosenBefore, RecordChoice } from './RecordChoice';
import { usePlans } from './use-plans';
import { Wishes } from './Wishes';
import { WorkList } from './WorkList';

/** Stage 14: what to mend and what it costs, each plan proven by judging the panel as it would be. */
export function Plan({ book: current }: { book?: CostBook | undefined }) {
  const { state } = useBook();
  const { trouble } = useInHand();
  const { assessment, entries } = state;
  const { settings, site, findings } = assessment;
  const book = current ?? settings.costBook;
  const [forbidden, setForbidden] = useState<readonly string[]>([]);
  const [forced, setForced] = useState<readonly string[]>([]);
  const [picked, pick] = useState<string>();
  const bearing = useMemo(() => bearingOnPlans(site.reader, entries), [site.reader, entries]);
  const [asked, ask] = useState(bearing);
  // A choice or a quote recorded asks nothing anew.
  if (bearing.length !== asked.length || bearing.at(-1)?.id !== asked.at(-1)?.id) ask(bearing);
  const facts = useDeferredValue(asked);
  const question = useMemo<PlanQuestion>(
    () => ({ entries: facts, settings: plain(settings), book, forbidden, forced }),
    [facts, settings, book, forbidden, forced],
  );
  const plans = usePlans(question);
  const byKey = new Map<string, PlanView>();
  for (const plan of [...plans.named, ...plans.points])
    if (!byKey.has(plan.key)) byKey.set(plan.key, plan);
  const points = plans.points.map(({ key }) => byKey.get(key)!);
  const chosen =
    byKey.get(picked ?? '') ??
    plans.named.find(({ names }) => names.includes('defects')) ??
    plans.named[0];
  const rows =
    chosen && !plans.named.some(({ key }) => key === chosen.key)
      ? [...plans.named, chosen].sort((a, b) => a.cost.likely - b.cost.likely)
      : plans.named;
  const looks = plans.looks.find(({ plan }) => plan === chosen?.key);
  const ungraced = findings.filter(({ key }) => plans.without.includes(key));
  const changed = forbidden.length + forced.length > 0;
  const leave = (work: WorkLine) =>
    setForbidden((before) => [
      ...before,
      ...plans.ways
        .filter(({ key }) => work.mends.includes(key))
        .flatMap(({ ways }) => ways.map(({ id }) => id)),
    ]);
  return (
    <main className="bg-sheet h-full overflow-y-auto p-4" aria-label="Plan">
      {trouble && (
        <p role="alert" className="text-danger mb-2 font-semibold">
          {trouble}
        </p>
      )}
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="text-[1.125rem] font-bold">Choose a plan</h2>
        <p className="text-ink2" aria-live="polite">
          {plans.trouble
            ? `No plan could be worked out: ${plans.trouble}`
            : !plans.known
              ? 'Working it out'
              : plans.working
                ? 'Working it out again'
                : `${points.length} that none beats on both cost and risk left`}
        </p>
        {plans.working && (
          <button className="act" onClick={plans.cancel}>
            Cancel
          </button>
        )}
        {changed && (
          <button
            className="act"
            onClick={() => {
              setForbidden([]);
              setForced([]);
            }}
          >
            Choose freely again
          </button>
        )}
      </div>
      {ungraced.length > 0 && (
        <section className="border-danger my-2 border-l-4 pl-3" aria-label="Make safe">
          <p className="font-bold">
            Make safe: nothing recorded here mends {counted(ungraced.length, 'grave finding')}.
          </p>
          <ul>
            {ungraced.map(({ key, verdict }) => (
              <li key={key}>
                {verdict.place.label}: {verdict.rule.title}.{' '}
                {untilThenWords(verdict.rule).join(' ')}
              </li>
            ))}
          </ul>
        </section>
      )}
      <Wishes />
      <ChosenBefore currency={book.currency} />
      {chosen && (
        <div className={plans.working ? 'text-ink2' : ''}>
          <div className="border-line grid gap-6 border-b pb-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
            <FrontFigure
              points={points}
              asFound={findings.reduce((sum, { points: of }) => sum + of, 0)}
              chosen={chosen.key}
              currency={book.currency}
              choose={pick}
            />
            <PlanRows plans={rows} chosen={chosen.key} currency={book.currency} choose={pick} />
          </div>
          <BeforeAfter plan={chosen} />
          {looks && <LookFirst {...looks} currency={book.currency} />}
          <div className="grid gap-6 pt-4 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,0.8fr)]">
            <div>
              <WorkList
                plan={chosen}
                ways={plans.ways}
                currency={book.currency}
                leave={leave}
                take={(way) => setForced((before) => [...before, way])}
              />
              <PartsList plan={chosen} currency={book.currency} />
            </div>
            <PlanAside
              plan={chosen}
              mustStayOn={site.site && site.reader.value(site.site, 'mustStayOn')}
            />
          </div>
          {plans.none.length > 0 && (
            <p className="mt-3 font-semibold">
              No plan that the rules confirm was found for:{' '}
              {listed(plans.none.map((name) => planWords[name].name))}. What is shown passed.
            </p>
          )}
          {plans.objections.length > 0 && (
            <p className="text-caption text-ink2 mt-3">
              Judged {counted(plans.objections.length + 1, 'time')}: {plans.objections.join('; ')}.
            </p>
          )}
          <footer className="border-line mt-4 flex flex-wrap items-end justify-between gap-3 border-t pt-3">
            <p className="text-caption text-ink2">
              <strong className="text-ink">Live until proven dead.</strong> Estimates, not offers:
              cost book {book.version}. Reckoned as one visit; what is left for another day costs a
              call-out of {moneyWords(book.callOutFee, book.currency)} more. For a licensed person
              to check and carry out.
            </p>
            <RecordChoice key={chosen.key} plan={chosen} offered={rows} book={book} />
          </footer>
        </div>
      )}
      {plans.known && findings.length === 0 && (
        <p className="mt-3">
          Nothing to mend was found in what was recorded; what was not seen is not fine.
        </p>
      )}
      {plans.known && chosen?.works.length === 0 && findings.length > 0 && (
        <section className="mt-3">
          <Lines of={chosen.stays} />
        </section>
      )}
    </main>
  );
}

/** A copy that a worker can be sent. */
const plain = <T,>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
