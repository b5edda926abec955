import { useMemo } from 'react';
import type { Assessment } from '@/core';
import type { Finding } from '@/core/judge/grading/finding';
import { whyHereOf } from '@/core/model/simulation/why-here';
import { WhyHereFigure } from '../primitives/WhyHereFigure';

/** What the circuit model says of a finding in this house; nothing where it says nothing. */
export function WhyHere({ assessment, finding }: { assessment: Assessment; finding: Finding }) {
  const why = useMemo(() => whyHereOf(assessment)(finding), [assessment, finding]);
  if (!why) return null;
  return (
    <div className="mt-2">
      <WhyHereFigure why={why} />
    </div>
  );
}
