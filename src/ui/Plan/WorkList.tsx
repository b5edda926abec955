'use client';

import { useState } from 'react';
import { counted } from '@/core/vocabulary/phrases';
import type { FindingWays, PlanView, WorkLine } from '@/core';
import { gradeWords } from '@/core/vocabulary/grade';
import { minutesWords, moneyWords } from './money';
import { workWords } from './work-words';

interface WorkListProps {
  plan: PlanView;
  ways: readonly FindingWays[];
  currency: string;
  /** Leaves what a work mends as it is. */
  leave(work: WorkLine): void;
  /** Takes another way for a finding. */
  take(way: string): void;
}

/** What is done, in the order of the work, framed by isolating before and readings after. */
export function WorkList({ plan, ways, currency, leave, take }: WorkListProps) {
  const many = plan.works.length;
  return (
    <section aria-labelledby="work-list">
      <h3 id="work-list" className="text-heading border-line flex justify-between border-b pb-1">
        <strong>Work list</strong>
        <span className="text-ink2">
          {many === 0 ? 'nothing to do' : minutesWords(plan.minutes.likely)}
        </span>
      </h3>
      {many > 0 && (
        <>
          {plan.frame.before.map((says) => (
            <Frame key={says} says={says} />
          ))}
          <ol>
            {plan.works.map((work, at) => (
              <Step
                key={work.id}
                number={at + 1}
                work={work}
                others={othersOf(work, ways, plan)}
                currency={currency}
                leave={() => leave(work)}
                take={take}
              />
            ))}
          </ol>
          {plan.frame.after.map((says) => (
            <Frame key={says} says={says} />
          ))}
          <p className="text-caption text-ink2 mt-2">
            For licensed people; the supply side of a main stays live when the main is off. Local
            code, the authority, the utility and the label decide.
          </p>
        </>
      )}
    </section>
  );
}

const Frame = ({ says }: { says: string }) => (
  <p className="border-hair text-ink2 border-b py-1.5 pl-8">{says}</p>
);

/** Ways for what a work mends that are not in the plan, those not possible with the reason. */
const othersOf = (work: WorkLine, ways: readonly FindingWays[], plan: PlanView) =>
  ways
    .filter(({ key }) => work.mends.includes(key))
    .flatMap((finding) => finding.ways)
    .filter(
      ({ id }, at, all) =>
        !plan.choices.includes(id) && all.findIndex((one) => one.id === id) === at,
    );

function Step({
  number,
  work,
  others,
  currency,
  leave,
  take,
}: {
  number: number;
  work: WorkLine;
  others: FindingWays['ways'];
  currency: string;
  leave(): void;
  take(way: string): void;
}) {
  const [open, setOpen] = useState(false);
  return (
    <li className="border-hair border-b py-2">
      <div className="grid grid-cols-[24px_minmax(0,1fr)_auto] gap-x-2">
        <span className="border-accent text-accent grid size-6 place-items-center rounded-full border font-bold">
          {number}
        </span>
        <div className="min-w-0">
          <p className="font-semibold">{workWords(work)}</p>
          <p className="text-ink2">
            {work.panel}
            {work.looks.map(({ look }) => (
              <span key={look} className="border-line ml-1 border border-dashed px-1">
                look first: {look}
              </span>
            ))}
          </p>
          {work.ends.map((ends) => (
            <p key={ends} className="text-ink2">
              Ends a permission: {ends}.
            </p>
          ))}
          <p className="mt-1.5 flex flex-wrap gap-2">
            {others.length > 0 && (
              <button className="act" aria-expanded={open} onClick={() => setOpen(!open)}>
                {counted(others.length, 'other way')}
              </button>
            )}
            {!work.must && work.mends.length > 0 && (
              <button className="act" onClick={leave}>
                Leave it
              </button>
            )}
          </p>
        </div>
        <span className="text-ink2 text-right">
          {minutesWords(work.minutes)}
          <br />
          {moneyWords(work.cost, currency)}
        </span>
      </div>
      {open && (
        <ul className="border-line mt-2 ml-8 border-l pl-3">
          {others.map((way) => (
            <li key={way.id} className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 py-1.5">
              <div>
                <p className={way.not === undefined ? '' : 'text-ink3'}>{way.says}</p>
                <p className="text-ink2">
                  {way.not !== undefined
                    ? `Not here: ${way.not}.`
                    : `${moneyWords(way.cost, currency)}, ${minutesWords(way.minutes)}; ${way.left ? `leaves ${gradeWords[way.left]}` : 'leaves nothing'}.`}
                  {way.not === undefined &&
                    way.looks.map(({ look }) => ` Look first: ${look}.`).join('')}
                </p>
              </div>
              {way.not === undefined && (
                <button className="act self-start" onClick={() => take(way.id)}>
                  Take this
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
    </li>
  );
}
