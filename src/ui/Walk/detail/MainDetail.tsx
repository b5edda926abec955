'use client';

import { useBook } from '../../Book/context';
import { OneOf } from '../../primitives/OneOf';

const ratings = [60, 100, 125, 150, 200];

/** The main breaker's rating. */
export function MainDetail() {
  const { panel, actions } = useBook();
  const rating = panel.main?.terminals[0]?.handleA;
  return (
    <fieldset>
      <legend className="text-caption text-ink2">Main breaker, A</legend>
      <OneOf
        label="Main breaker, A"
        className="mt-1 grid grid-cols-5 gap-1.5"
        each="act px-1!"
        choices={ratings.map((one) => ({ value: String(one), words: one }))}
        value={rating === undefined ? undefined : String(rating)}
        choose={(one) => void actions.recordLine({ kind: 'main', ratingA: Number(one) })}
      />
    </fieldset>
  );
}
