'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { afterPlan } from '@/core';
import type { Expected } from '@/core';
import { counted } from '@/core/vocabulary/phrases';
import { useBook } from '../Book/context';

const stateWords: Record<Expected['state'], string> = {
  agrees: 'as planned',
  differs: 'otherwise than planned',
  'not-seen': 'not looked at since',
};

/** What the chosen plan expects, thing by thing, and what is recorded since. */
export function PlanExpected() {
  const { state, inspection, actions } = useBook();
  const { site } = state.assessment;
  const held = useMemo(() => afterPlan(site, state.entries), [site, state.entries]);
  if (!held) return null;
  const many = (of: Expected['state']) => held.lines.filter((line) => line.state === of).length;
  return (
    <section className="mt-4" aria-labelledby="plan-expected">
      <h3 id="plan-expected" className="text-heading font-bold">
        Against the chosen plan: {held.name}
      </h3>
      <p className="text-ink2">
        {held.lines.length === 0
          ? 'It changes nothing at a position.'
          : `${counted(held.lines.length, 'place')}: ${many('agrees')} as planned, ${many('differs')} otherwise, ${many('not-seen')} not looked at since. What was not looked at is not taken as done.`}
      </p>
      <ul className="border-line mt-1 border-t">
        {held.lines.map(
          ({ ref, place, panel, panelId, number, before, expected, found, state: is }) => (
            <li key={ref} className="border-hair border-b">
              <Link
                href={`/inspections/${inspection}/walk`}
                className="hover:bg-app block w-full py-1.5 max-lg:min-h-12"
                onClick={() => {
                  actions.choosePanel(panelId);
                  actions.select({ kind: 'position', number });
                }}
              >
                <strong>
                  {place}, {panel}
                </strong>
                : {expected}
                <span className="text-ink2 block">
                  before: {before}; now: {found};{' '}
                  <strong className={is === 'differs' ? 'text-urgent' : ''}>
                    {stateWords[is]}
                  </strong>
                </span>
              </Link>
            </li>
          ),
        )}
      </ul>
      {held.asked.length > 0 && (
        <>
          <h4 className="mt-2 font-semibold">To be read now</h4>
          <ul className="list-disc pl-5">
            {held.asked.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
