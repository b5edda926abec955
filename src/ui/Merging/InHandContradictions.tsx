'use client';

import { useBook, useInHand } from '../Book/context';
import { ContradictionCard } from './ContradictionCard';
import { isInHand } from './is-in-hand';
import { useContradictions } from './use-contradictions';

/** What is contradicted of the thing in hand, before all else of it. */
export function InHandContradictions() {
  const { panel } = useBook();
  const { selection } = useInHand();
  const here = useContradictions().filter((one) => isInHand(one, selection, panel));
  if (here.length === 0) return null;
  return (
    <div className="border-line grid gap-2 border-b p-3">
      {here.map((one) => (
        <ContradictionCard key={one.key} contradiction={one} />
      ))}
    </div>
  );
}
