import Link from 'next/link';
import type { Grade } from '@/core/vocabulary/grade';
import { grades, gradeWords } from '@/core/vocabulary/grade';
import { dayWords } from '@/core/show/report/dates';
import { GradeMark } from '../primitives/GradeMark';
import type { InspectionLine } from './sent';

const stageWords: Record<InspectionLine['stage'], string> = {
  draft: 'draft, waits for signature',
  issued: 'issued',
  changed: 'issued, entries arrived since: awaits a revision',
  returning: 'return visit begun',
  closed: 'closed',
};

/** What is there is not told yet: that nothing is told of it does not mean that nothing is there. */
export const BeingJudged = () => <strong>entries arrived that are not judged yet</strong>;

/** One inspection of the list: where it is, how it stands, and what was found. */
export function InspectionItem({ line }: { line: InspectionLine }) {
  const count = (grade: Grade) => line.findings[grade] ?? 0;
  const found = grades.filter((grade) => count(grade) > 0);
  return (
    <li className="border-hair grid gap-x-4 gap-y-2 border-b py-3 md:grid-cols-[1fr_auto_auto] md:items-center">
      <div>
        <Link
          className="text-heading font-bold hover:underline"
          href={`/inspections/${line.id}/walk`}
        >
          {line.place}
        </Link>
        <p className="text-ink2">
          {[line.address, line.asOf && dayWords(line.asOf)].filter(Boolean).join(' · ')}
        </p>
        <p className="text-ink2">
          {[line.issuedAs, stageWords[line.stage]].filter(Boolean).join(': ')}
          {line.inHand && line.stage !== 'closed' && ` · ${line.inHand}`}
        </p>
      </div>
      <p className="flex flex-wrap items-center gap-x-3 gap-y-1">
        {line.behind && <BeingJudged />}
        {found.length === 0 && !line.behind && (
          <span className="text-ink2">
            {line.stage === 'draft' ? 'no findings yet' : 'no findings'}
          </span>
        )}
        {found.map((grade) => (
          <span
            key={grade}
            className="inline-flex items-center gap-1"
            style={{ color: `var(--${grade})` }}
          >
            <GradeMark grade={grade} size={12} />
            <span className="font-semibold">
              {gradeWords[grade]} {count(grade)}
            </span>
          </span>
        ))}
        {!line.behind && (
          <span className="text-ink2">
            {line.acts
              ? `${line.acts.made} of ${line.acts.agreed} agreed ${line.acts.called}`
              : `${Math.round(line.seenShare * 100)} % of the checks seen`}
          </span>
        )}
      </p>
      <p className="flex gap-2">
        <Link
          className="act"
          href={`/inspections/${line.id}/walk`}
          aria-label={`Walk: ${line.place}`}
        >
          Walk
        </Link>
        <Link
          className="act"
          href={`/inspections/${line.id}/report`}
          aria-label={`Report: ${line.place}`}
        >
          Report
        </Link>
      </p>
    </li>
  );
}
