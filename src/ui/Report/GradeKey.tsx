import { gradeKeyWords, grades, gradeWords } from '@/core/vocabulary/grade';
import type { ReportFinding } from '@/core/show/report/report';
import { GradeMark } from '../primitives/GradeMark';

/** The grades with their counts and what each tells the client to do. */
export function GradeKey({ findings }: { findings: readonly ReportFinding[] }) {
  return (
    <ul className="border-line mt-8 grid gap-4 border-y py-3 sm:grid-cols-2 lg:grid-cols-5">
      {grades.map((grade) => (
        <li key={grade} className="flex gap-2">
          <GradeMark grade={grade} size={18} />
          <div>
            <p className="text-heading font-bold" style={{ color: `var(--${grade})` }}>
              {gradeWords[grade]} {findings.filter((finding) => finding.grade === grade).length}
            </p>
            <p>{gradeKeyWords(grade)}</p>
          </div>
        </li>
      ))}
    </ul>
  );
}
