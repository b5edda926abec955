'use client';

import { useMemo, useState } from 'react';
import { grades, gradeWords } from '@/core/vocabulary/grade';
import { counted } from '@/core/vocabulary/phrases';
import { itemsOf } from '@/core/judge/grading/items';
import { schoolsCompared } from '@/core/judge/grading/schools';
import { useBook, useInHand } from '../Book/context';
import { GradeMark } from '../primitives/GradeMark';
import { AgreedActs } from './AgreedActs';
import { FindingDetail } from './FindingDetail';
import { FindingList } from './FindingList';
import { has } from './item-words';
import { Matrix } from './Matrix';
import { SchoolChoice } from './SchoolChoice';
import { PermitPanel } from './PermitPanel';

/** Stage 12: every finding with its grade, the reasons, the schools side by side, and the inspector's word. */
export function Judge() {
  const { state } = useBook();
  const { trouble } = useInHand();
  const { assessment } = state;
  const { findings, examination, settings } = assessment;
  const [chosen, setChosen] = useState<string>();
  const compared = useMemo(() => schoolsCompared(examination), [examination]);
  const items = useMemo(() => itemsOf(findings, settings), [findings, settings]);
  const item = items.find((one) => has(one, chosen)) ?? items[0];
  const finding = findings.find((one) => one.key === chosen) ?? item?.places[0]?.finding;
  const differing = items.filter((one) =>
    one.places.some(({ finding: { key } }) => {
      const schools = compared.get(key);
      return schools && new Set(Object.values(schools).map(({ grade }) => grade)).size > 1;
    }),
  ).length;
  const told = items.length === findings.length;
  return (
    <main className="bg-sheet h-full overflow-y-auto lg:overflow-hidden" aria-label="Judge">
      <div className="grid lg:h-full lg:grid-cols-[360px_minmax(280px,1fr)_minmax(400px,1.3fr)]">
        <div className="border-line min-w-0 p-4 lg:overflow-y-auto lg:border-r">
          <h2 className="text-heading border-line border-b pb-1.5 font-bold">
            {counted(items.length, 'finding')}
            {!told && ` at ${findings.length} places`}
          </h2>
          <p className="text-ink2 mt-1.5 flex flex-wrap gap-x-3">
            {items.length === 0 && 'None in what was recorded; what was not seen is not fine.'}
            {grades.map((grade) => {
              const count = items.filter((one) => one.grade === grade).length;
              return count === 0 ? null : (
                <span key={grade} className="inline-flex items-center gap-1">
                  <GradeMark grade={grade} size={12} /> {gradeWords[grade]}{' '}
                  <strong className="text-ink">{count}</strong>
                </span>
              );
            })}
          </p>
          <Matrix items={items} chosen={finding?.key} choose={setChosen} />
          <AgreedActs />
          <SchoolChoice />
          <p className="text-ink2 mt-1">
            {differing === 0
              ? 'The schools agree on all of them.'
              : `The schools differ on ${differing}; these are marked ≠.`}
          </p>
          <PermitPanel assessment={assessment} choose={setChosen} />
        </div>
        <FindingList items={items} compared={compared} chosen={finding?.key} choose={setChosen} />
        <div className="min-w-0 p-4 lg:overflow-y-auto">
          {trouble && (
            <p role="alert" className="text-danger mb-2 font-semibold">
              {trouble}
            </p>
          )}
          {item && finding ? (
            <FindingDetail
              key={finding.key}
              item={item}
              finding={finding}
              schools={compared.get(finding.key)}
              items={items}
              choose={setChosen}
            />
          ) : (
            <p className="text-ink2">Findings appear here as facts are recorded on the walk.</p>
          )}
        </div>
      </div>
    </main>
  );
}
