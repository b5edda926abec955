import type { Grade } from '@/core/vocabulary/grade';
import { gradeWords } from '@/core/vocabulary/grade';

/** The word of a grade; the gravest stands reversed on its colour. */
export function GradeWord({ grade }: { grade: Grade }) {
  return grade === 'danger' ? (
    <span
      className="bg-danger rounded-[2px] px-1.5 font-bold whitespace-nowrap"
      style={{ color: 'var(--on-danger)' }}
    >
      {gradeWords[grade]}
    </span>
  ) : (
    <span className="font-bold whitespace-nowrap" style={{ color: `var(--${grade})` }}>
      {gradeWords[grade]}
    </span>
  );
}
