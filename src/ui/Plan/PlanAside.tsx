'use client';

import type { ReactNode } from 'react';
import type { FindingLine, PlanView } from '@/core';
import { gradeWords } from '@/core/vocabulary/grade';
import { listed } from '@/core/vocabulary/phrases';
import { GradeMark } from '../primitives/GradeMark';
import { GradeWord } from '../primitives/GradeWord';
import { darkWords } from './dark-words';
import { minutesWords } from './money';

/** What to know of a plan: what stays wrong, who is in the dark, whom to tell, what can go wrong. */
export function PlanAside({
  plan,
  mustStayOn,
}: {
  plan: PlanView;
  mustStayOn: string | undefined;
}) {
  const wrong = [...new Set(plan.works.flatMap((work) => work.wrong))];
  const record = [...new Set(plan.works.flatMap((work) => work.record))];
  const ends = [...new Set(plan.works.flatMap((work) => work.ends))];
  return (
    <div className="grid content-start gap-4">
      {plan.madeSafeToday.length > 0 && (
        <section>
          <Heading>Made safe today, which is not the mending</Heading>
          <Lines of={plan.madeSafeToday} />
        </section>
      )}
      <section>
        <Heading>Stays wrong</Heading>
        {plan.stays.length === 0 ? (
          <p className="text-ink2">
            Nothing of what was found. What was not looked at is not judged by this.
          </p>
        ) : (
          <Lines of={plan.stays} />
        )}
        {plan.lowered.map(({ key, place, was, grade }) => (
          <p key={key} className="text-ink2">
            {place}: {gradeWords[was]} before, {gradeWords[grade]} then.
          </p>
        ))}
      </section>
      <section>
        <Heading>Without power</Heading>
        {plan.dark.length === 0 ? (
          <p className="text-ink2">Nobody.</p>
        ) : (
          <ul>
            {plan.dark.map(({ off, panel, minutes }) => (
              <li key={`${off}${panel}`} className="flex justify-between gap-3">
                <span>{darkWords(off, panel)}</span>
                <span>{minutesWords(minutes)}</span>
              </li>
            ))}
          </ul>
        )}
        {mustStayOn && plan.dark.length > 0 && (
          <p className="mt-1 font-semibold">Must stay on: {mustStayOn}. Arrange for it first.</p>
        )}
      </section>
      <section>
        <Heading>Tell first</Heading>
        {(['utility', 'permit', 'owner'] as const).map((whom) => {
          const reasons = plan.tell.filter((one) => one.whom === whom);
          if (whom === 'owner' && reasons.length === 0) return null;
          return (
            <p key={whom} className="border-hair flex justify-between gap-3 border-b py-1">
              <span>{tellWords[whom]}</span>
              <span className="text-ink2 text-right">
                {reasons.length === 0
                  ? 'not for this plan'
                  : `${listed([...new Set(reasons.map(({ why }) => why))])}; about ${Math.max(...reasons.map(({ days }) => days))} days${gives[whom]}`}
              </span>
            </p>
          );
        })}
      </section>
      <List heading="What can go wrong" of={wrong} />
      <List heading="Permissions that end" of={ends} />
      <List heading="To record after it" of={record} />
    </div>
  );
}

/** What each gives in return, to be written down before work begins. */
const gives = {
  utility: '; gives an order number',
  permit: '; gives a permit number',
  owner: '',
} as const;

const tellWords = { utility: 'Utility', permit: 'Permit desk', owner: 'Owner' } as const;

const Heading = ({ children }: { children: ReactNode }) => (
  <h3 className="border-hair mb-1 border-b pb-0.5 font-bold">{children}</h3>
);

function List({ heading, of }: { heading: string; of: readonly string[] }) {
  if (of.length === 0) return null;
  return (
    <section>
      <Heading>{heading}</Heading>
      <ul className="list-disc pl-5">
        {of.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
    </section>
  );
}

/** Findings, a line each, with their grade in shape and word. */
export const Lines = ({ of }: { of: readonly FindingLine[] }) => (
  <ul>
    {of.map(({ key, grade, place, says, panel }) => (
      <li key={key} className="grid grid-cols-[14px_minmax(0,1fr)] gap-x-2 py-0.5">
        <span className="pt-0.5">
          <GradeMark grade={grade} />
        </span>
        <span>
          <GradeWord grade={grade} /> {says.startsWith(place) ? says : `${place}: ${says}`}
          {panel && <span className="text-ink2">, {panel}</span>}
        </span>
      </li>
    ))}
  </ul>
);
