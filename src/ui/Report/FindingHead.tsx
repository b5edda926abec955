import type { ReportFinding } from '@/core/show/report/report';
import { GradeMark } from '../primitives/GradeMark';
import { GradeWord } from '../primitives/GradeWord';

/** Number, grade and title; where, how sure, by when. */
export function FindingHead({ finding }: { finding: ReportFinding }) {
  return (
    <>
      <h3 className="flex flex-wrap items-center gap-x-2 text-base">
        <span className="font-bold">{finding.number}</span>
        <GradeMark grade={finding.grade} size={16} />
        <GradeWord grade={finding.grade} />
        <span className="font-bold">{finding.title}</span>
      </h3>
      <p className="text-ink2">
        {finding.panelName}, {finding.place} · how sure:{' '}
        <span className={`sure-${finding.certainty}`}>{finding.certainty}</span> · {finding.by}
      </p>
    </>
  );
}
