'use client';

import { useBook } from '../../Book/context';

const ratings = [60, 100, 125, 150, 200];

/** The main breaker's rating. */
export function MainDetail() {
  const { panel, actions } = useBook();
  const rating = panel.main?.terminals[0]?.handleA;
  return (
    <fieldset>
      <legend className="text-caption text-ink2">Main breaker, A</legend>
      <div className="mt-1 grid grid-cols-5 gap-1.5">
        {ratings.map((one) => (
          <button
            key={one}
            className="act px-1!"
            aria-pressed={rating === one}
            onClick={() => void actions.recordLine({ kind: 'main', ratingA: one })}
          >
            {one}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
