'use client';

import { cautionLead } from '@/core/show/report/cautions';
import { GradeMark } from '../primitives/GradeMark';
import { useBook } from '../Book/context';
import { notJudged } from '../Book/NotJudged';

export interface Below {
  /** What stands below the phone's drawing. */
  below: 'detail' | 'findings';
  show(what: 'detail' | 'findings'): void;
}

/** Under the phone's drawing: what is a danger now, and what holds for everything there. */
export function DangerLine({ below, show }: Below) {
  const { state } = useBook();
  const { judged } = state.assessment;
  const dangers = judged
    ? state.assessment.findings.filter((finding) => finding.grade === 'danger')
    : [];
  return (
    <section
      aria-label="What is a danger now"
      className="border-accent bg-app flex min-h-6.5 items-center justify-between gap-2 border-b-2 px-4 lg:hidden"
    >
      {dangers.length > 0 ? (
        <button
          className="flex min-w-0 items-center gap-2"
          onClick={() => show(below === 'findings' ? 'detail' : 'findings')}
        >
          <GradeMark grade="danger" />
          <strong className="text-danger whitespace-nowrap">Danger now</strong>
          <span className="truncate">
            {dangers.map((finding) => finding.verdict.place.label).join(', ')}
          </span>
        </button>
      ) : (
        <span className="text-ink2 whitespace-nowrap">{judged ? '' : notJudged}</span>
      )}
      <strong className="truncate">{cautionLead}</strong>
    </section>
  );
}
