'use client';

import { useState } from 'react';
import { chosenPlans } from '@/core/advise/planning/chosen-plans';
import { add } from '@/core/fieldwork/recording/draft';
import type { CostBook } from '@/core/codes/cost-book/cost-book';
import { counted } from '@/core/vocabulary/phrases';
import type { FindingLine, PlanView } from '@/core';
import { gradeWords } from '@/core/vocabulary/grade';
import { darkWords } from './dark-words';
import { dayWords } from '@/core/show/report/dates';
import { useBook } from '../Book/context';
import { moneyWords, rangeWords } from './money';
import { nameOf } from './PlanRows';
import { TellFirst } from './TellFirst';
import { stepsOf, workWords } from './work-words';
import { lazily } from '../primitives/lazily';

const Quotes = lazily(async () => (await import('./Quotes')).Quotes);

/** Who chooses this plan: recorded with its works, figures and the version of the cost book. */
export function RecordChoice({
  plan,
  offered,
  book,
}: {
  plan: PlanView;
  /** The plans it stands beside, the cheapest first. */
  offered: readonly PlanView[];
  book: CostBook;
}) {
  const { state, actions } = useBook();
  const { site } = state.assessment;
  const client = site.site && site.reader.value(site.site, 'client');
  const [by, setBy] = useState(client ?? '');
  const record = () =>
    actions.record((newId) => [
      add('plan', newId(), site.site!, {
        planName: nameOf(plan, book.currency),
        ...(by.trim() !== '' && { planBy: by.trim() }),
        planChoices: [...plan.choices],
        planWorks: plan.works.map(workWords),
        planLines: plan.works.map((work) => ({
          id: work.id,
          says: workWords(work),
          cost: work.costRange,
        })),
        planSteps: stepsOf(plan),
        planTell: plan.tell.map(({ whom, why, days }) => ({ whom, why, days })),
        planOffered: offered.slice(0, 6).map((one) => ({
          name: nameOf(one, book.currency),
          chosen: one.key === plan.key,
          cost: one.cost,
          dark: one.dark.map(({ off, panel, minutes }) => ({
            says: darkWords(off, panel),
            minutes,
          })),
          mends: one.mends.map(plainly),
          stays: one.stays.map((line) => `${gradeWords[line.grade]}: ${plainly(line)}`),
          hazards: [...one.hazards],
        })),
        planBook: book.version,
        planCost: plan.cost,
        planMinutes: plan.minutes,
        planRiskLeft: plan.riskLeft,
        planFacts: state.entries.length,
        planDrafts: plan.drafts.map(({ about, type, in: within, facts }) => ({
          about,
          ...(type !== undefined && { type }),
          ...(within !== undefined && { in: within }),
          facts,
        })),
      }),
    ]);
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void record();
      }}
    >
      <label className="text-caption text-ink2 grid gap-0.5">
        Chosen by
        <input
          className="field"
          maxLength={200}
          value={by}
          onChange={(event) => setBy(event.target.value)}
        />
      </label>
      <button className="act act-main">Record this choice</button>
    </form>
  );
}

/** "Breaker larger than its conductor allows (Breaker 5)" */
const plainly = ({ title, place }: FindingLine) => `${title} (${place})`;

/** Plans that were chosen, and what was recorded since. */
export function ChosenBefore({ currency }: { currency: string }) {
  const { state } = useBook();
  const chosen = chosenPlans(state.assessment.site.reader, state.entries);
  if (chosen.length === 0) return null;
  return (
    <section aria-label="Chosen" className="border-hair border-t py-2">
      {chosen.map(({ id, name, by, cost, at, book, factsSince, works }) => (
        <p key={id}>
          <strong>{name}</strong>
          {by && `, chosen by ${by}`}, {dayWords(at)}:{' '}
          {cost && `${moneyWords(cost.likely, currency)} (${rangeWords(cost)})`},{' '}
          {counted(works.length, 'work')}, cost book {book ?? '?'}.
          {factsSince > 0 && (
            <strong className="text-urgent">
              {' '}
              Made before {counted(factsSince, 'fact')}: work it out again.
            </strong>
          )}
        </p>
      ))}
      <TellFirst plan={chosen[0]!.id} />
      <Quotes plan={chosen[0]!} currency={currency} />
    </section>
  );
}
