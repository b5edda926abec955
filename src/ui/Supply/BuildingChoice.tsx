'use client';

import { useBook } from '../Book/context';

/** The building what is recorded next stands in; nothing to choose where there is one. */
export function BuildingChoice({ chosen, choose }: { chosen: string; choose(id: string): void }) {
  const { buildings } = useBook().state.assessment.site;
  if (buildings.length < 2) return null;
  return (
    <label className="text-caption text-ink2 mt-2 grid max-w-xs gap-0.5">
      What is added stands in
      <select className="field" value={chosen} onChange={(event) => choose(event.target.value)}>
        {buildings.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
