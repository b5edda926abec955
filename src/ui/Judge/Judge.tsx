'use client';

import { useMemo, useState } from 'react';
import { grades, gradeWords } from '@/core/vocabulary/grade';
import { counted } from '@/core/vocabulary/phrases';
import { schoolsCompared } from '@/core/judge/grading/schools';
import { useBook } from '../Book/context';
import { FindingDetail } from './FindingDetail';
import { FindingList } from './FindingList';
import { Matrix } from './Matrix';
import { SchoolChoice } from './SchoolChoice';
import { PermitPanel } from './PermitPanel';
import { StillToSee } from './StillToSee';

/** Stage 12: every finding with its grade, the reasons, the schools side by side, and the inspector's word. */
export function Judge() {
  const { state, trouble } = useBook();
  const { assessment } = state;
  const { findings, examination } = assessment;
  const [chosen, setChosen] = useState<string>();
  const compared = useMemo(() => schoolsCompared(examination), [examination]);
  const finding = findings.find((one) => one.key === chosen) ?? findings[0];
  const differing = findings.filter((one) => {
    const schools = compared.get(one.key);
    return schools && new Set(Object.values(schools).map(({ grade }) => grade)).size > 1;
  }).length;
  const counts = grades
    .map((grade) => [grade, findings.filter((one) => one.grade === grade).length] as const)
    .filter(([, count]) => count > 0);
  return (
    <main className="bg-sheet h-full overflow-y-auto lg:overflow-hidden" aria-label="Judge">
      <div className="grid lg:h-full lg:grid-cols-[326px_minmax(280px,1fr)_minmax(400px,1.35fr)]">
        <div className="border-line min-w-0 p-4 lg:overflow-y-auto lg:border-r">
          <h2 className="text-heading border-line border-b pb-1.5 font-bold">
            {counted(findings.length, 'finding')}
          </h2>
          <p className="text-ink2 mt-1.5">
            {counts.map(([grade, count]) => `${count} ${gradeWords[grade]}`).join(', ') ||
              'None in what was recorded; what was not seen is not fine.'}
          </p>
          <Matrix findings={findings} chosen={finding?.key} choose={setChosen} />
          <SchoolChoice />
          <p className="text-ink2 mt-1">
            {differing === 0
              ? 'The schools agree on all of them.'
              : `The schools differ on ${differing}; these are marked ≠.`}
          </p>
          <PermitPanel assessment={assessment} choose={setChosen} />
          <StillToSee assessment={assessment} />
        </div>
        <FindingList
          findings={findings}
          compared={compared}
          chosen={finding?.key}
          choose={setChosen}
        />
        <div className="min-w-0 p-4 lg:overflow-y-auto">
          {trouble && (
            <p role="alert" className="text-danger mb-2 font-semibold">
              {trouble}
            </p>
          )}
          {finding ? (
            <FindingDetail
              key={finding.key}
              finding={finding}
              schools={compared.get(finding.key)}
              findings={findings}
            />
          ) : (
            <p className="text-ink2">Findings appear here as facts are recorded on the walk.</p>
          )}
        </div>
      </div>
    </main>
  );
}
