import { gradeMarks } from '@/core/show/drawing/grade-marks';
import type { Grade } from '@/core/vocabulary/grade';

/** The shape of a grade. Always stands beside its word. */
export function GradeMark({ grade, size = 14 }: { grade: Grade; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 12 12" aria-hidden="true" className="shrink-0">
      <path d={gradeMarks[grade]} fillRule="evenodd" fill={`var(--${grade})`} />
    </svg>
  );
}
