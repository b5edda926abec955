import type { Switch } from '@/core/model/simulation/assumptions';
import type { WhatIf } from '@/core/vocabulary/what-if';

/** Joints and ways that can be made and undone. */
export function WaySwitches({
  switches,
  change,
}: {
  switches: readonly Switch[];
  change(more: WhatIf): void;
}) {
  return (
    <fieldset className="mt-3">
      <legend className="font-semibold">Joints and ways</legend>
      <ul>
        {switches.map(({ id, words, closed, by }) => (
          <li key={id} className="border-hair border-b">
            <label className="flex min-h-8 cursor-pointer items-center gap-2 max-lg:min-h-12">
              <input
                type="checkbox"
                className="accent-accent size-4 max-lg:size-6"
                checked={closed}
                onChange={(event) => change({ closed: { [id]: event.target.checked } })}
              />
              <span className="flex-1">{words}</span>
              <span className={by === 'what if' ? 'text-accent font-bold' : 'text-ink3'}>{by}</span>
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  );
}
