'use client';

import { GradeMark } from '../primitives/GradeMark';
import { useBook } from '../Book/context';

/** Stays over the drawing on a phone while something is a danger now. */
export function DangerTag() {
  const { state } = useBook();
  const danger = state.assessment.findings.filter((finding) => finding.grade === 'danger');
  if (danger.length === 0) return null;
  return (
    <p className="bg-app absolute top-0 left-0 flex items-center gap-2 px-3 py-1.5 text-sm lg:hidden">
      <GradeMark grade="danger" />
      <strong className="text-danger">Danger now</strong>
      {danger.map((finding) => finding.verdict.place.label).join(', ')}
    </p>
  );
}
