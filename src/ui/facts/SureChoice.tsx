'use client';

import { certainties } from '@/core/record/entries/entry';
import { useBook, useInHand } from '../Book/context';
import { OneOf } from '../primitives/OneOf';

/** How the next facts are known, where it is not as usual. */
export function SureChoice() {
  const { actions } = useBook();
  const { sure } = useInHand();
  return (
    <div className="flex items-center gap-1.5">
      <span className="text-caption text-ink2">Known as</span>
      <OneOf
        label="How the next facts are known"
        className="flex items-center gap-1.5"
        each="text-caption data-[state=on]:bg-accent data-[state=on]:text-on-accent px-1.5 py-1 max-lg:min-h-12"
        choices={certainties.map((one) => ({
          value: one,
          words: <span className={`sure-${one}`}>{one}</span>,
        }))}
        value={sure}
        choose={actions.setSure}
        unset={() => actions.setSure(undefined)}
      />
    </div>
  );
}
