'use client';

import { useBook } from '../Book/context';
import { useContradictions } from '../Merging/use-contradictions';
import { lazily } from '../primitives/lazily';

const ContradictionItem = lazily(
  async () => (await import('../Merging/ContradictionItem')).ContradictionItem,
);

/** What contradicts itself or could not be placed: kept, and said. */
export function Doubts() {
  const { state } = useBook();
  const { inspection, site } = state.assessment;
  const contradictions = useContradictions();
  const lost = new Set(
    contradictions.flatMap((one) =>
      one.kind === 'taken-back' ? one.writings.map(({ id }) => id) : [],
    ),
  );
  const claimed = new Set(
    contradictions.flatMap((one) =>
      one.kind === 'circuit' ? one.sides.map(({ circuit }) => circuit.id) : [],
    ),
  );
  const unplaced = inspection.unplaced.filter(({ entry }) => !lost.has(entry));
  const outside = site.panels
    .flatMap((panel) => panel.outOfRange)
    .filter(({ about }) => !claimed.has(about));
  if (contradictions.length + unplaced.length + outside.length === 0) return null;
  return (
    <>
      <h3 className="mt-4 font-bold">To be cleared up</h3>
      <div className="mt-1 grid gap-2">
        {contradictions.map((one) => (
          <ContradictionItem key={one.key} contradiction={one} />
        ))}
      </div>
      <ul className="text-ink2 mt-1">
        {outside.map((one) => (
          <li key={one.about + one.reason}>Outside the panel: {one.reason}.</li>
        ))}
        {unplaced.map((one) => (
          <li key={one.entry + (one.property ?? '')}>Not placed: {one.reason}.</li>
        ))}
      </ul>
    </>
  );
}
