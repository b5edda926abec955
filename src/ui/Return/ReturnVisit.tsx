'use client';

import { numberWords } from '@/core/show/report/places';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { properties } from '@/core/record/entries/properties';
import { gradeWords } from '@/core/vocabulary/grade';
import { compareWithIssued } from '@/core/show/report/closing';
import { useBook, useInHand, useJudging } from '../Book/context';
import { GradeMark } from '../primitives/GradeMark';
import { ReturnItemDetail } from './ReturnItemDetail';
import type { IssuedBefore } from './sent';
import { lazily } from '../primitives/lazily';

const PlanExpected = lazily(async () => (await import('./PlanExpected')).PlanExpected);

interface ReturnVisitProps {
  /** The report the visit starts from. */
  issued: IssuedBefore | undefined;
}

/** Stage 16: each finding of the issued report looked at again; what the rules now say decides. */
export function ReturnVisit({ issued }: ReturnVisitProps) {
  const { state, inspection, actions } = useBook();
  const { trouble } = useInHand();
  const { assess } = useJudging();
  const { assessment } = state;
  const { site } = assessment.site;
  const [chosen, choose] = useState<string>();
  const then = useMemo(() => {
    const sealed = new Set(issued?.sealed);
    return (
      issued &&
      assess(
        state.entries.filter(({ id }) => sealed.has(id)),
        assessment.settings,
      )
    );
  }, [assess, issued, state.entries, assessment.settings]);
  const compared = useMemo(
    () => issued && compareWithIssued({ findings: issued.findings }, assessment, then),
    [issued, assessment, then],
  );
  if (!issued || !compared)
    return (
      <main className="bg-sheet h-full p-6" aria-label="Return visit">
        <p>A return visit starts from an issued report, and none is issued yet.</p>
        <Link className="act mt-3" href={`/inspections/${inspection}/issue`}>
          Issue the report
        </Link>
      </main>
    );
  const begun = site !== undefined && assessment.site.reader.value(site, 'returnOf') !== undefined;
  const item = compared.items.find(({ key }) => key === chosen);
  return (
    <main className="bg-sheet h-full overflow-y-auto lg:overflow-hidden" aria-label="Return visit">
      <div className="grid grid-cols-[minmax(0,1fr)] lg:h-full lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
        <div className="border-line min-w-0 p-4 lg:overflow-y-auto lg:border-r">
          <h2 className="text-lg font-bold">Return visit, from report {issued.number}</h2>
          <p className="text-ink2">
            {compared.open === 0
              ? 'Everything in it is mended by what is recorded now.'
              : `${compared.open} of ${compared.items.length + compared.fresh.length} open by what is recorded now.`}{' '}
            Look at each again, record what is there, and tick it; the rules decide.
          </p>
          {trouble && (
            <p role="alert" className="text-danger font-semibold">
              {trouble}
            </p>
          )}
          {!begun && site && (
            <button
              className="act act-main mt-2 min-h-12"
              onClick={() => void actions.observe(site, { returnOf: issued.number }, 'told')}
            >
              Begin the return visit
            </button>
          )}
          <ul className="border-ink mt-3 border-t-2">
            {compared.items.map((one) => (
              <li key={one.key} className="border-hair border-b">
                <button
                  className={`grid w-full grid-cols-[28px_20px_minmax(0,1fr)_auto] gap-x-1.5 py-1.5 text-left max-lg:min-h-12 ${one.key === chosen ? 'bg-app border-accent border-l-4 pl-2' : 'hover:bg-app'}`}
                  aria-pressed={one.key === chosen}
                  onClick={() => choose(one.key)}
                >
                  <span className="text-ink2 text-right">{numberWords(one)}</span>
                  <span className="pt-0.5">
                    <GradeMark grade={one.before.grade} />
                  </span>
                  <span>
                    <strong>{one.place}</strong>: {one.before.short}
                    <span className="text-ink2 block">
                      was {gradeWords[one.before.grade]}; {one.nowWords}
                    </span>
                    {one.disagrees && <span className="text-danger block">{one.disagrees}</span>}
                  </span>
                  <span className="text-ink2">
                    {one.tick && properties.returnTick.choices[one.tick]}
                  </span>
                </button>
              </li>
            ))}
          </ul>
          {compared.fresh.length > 0 && (
            <>
              <h3 className="text-heading mt-4 font-bold">Found now, not in the report</h3>
              <ul>
                {compared.fresh.map(({ key, place, short, grade }) => (
                  <li key={key} className="border-hair flex gap-1.5 border-b py-1.5">
                    <GradeMark grade={grade} />
                    <span>
                      <strong>{place}</strong>: {short}
                    </span>
                  </li>
                ))}
              </ul>
            </>
          )}
          <PlanExpected />
          <Link className="act mt-4" href={`/inspections/${inspection}/issue`}>
            To the closing report
          </Link>
        </div>
        <aside className="min-w-0 p-4 lg:overflow-y-auto" aria-label="Chosen item">
          {item ? (
            <ReturnItemDetail key={item.key} item={item} issued={issued} />
          ) : (
            <p className="text-ink2">Choose an item.</p>
          )}
        </aside>
      </div>
    </main>
  );
}
