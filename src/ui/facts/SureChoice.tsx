'use client';

import { certainties } from '@/core/record/entries/entry';
import { useBook } from '../Book/context';

/** How the next facts are known, where it is not as usual. */
export function SureChoice() {
  const { sure, actions } = useBook();
  return (
    <div
      className="flex items-center gap-1.5"
      role="group"
      aria-label="How the next facts are known"
    >
      <span className="text-caption text-ink2">Known as</span>
      {certainties.map((one) => (
        <button
          key={one}
          className={`text-caption px-1.5 py-1 max-lg:min-h-12 ${sure === one ? 'bg-accent text-on-accent' : ''}`}
          aria-pressed={sure === one}
          onClick={() => actions.setSure(sure === one ? undefined : one)}
        >
          <span className={`sure-${one}`}>{one}</span>
        </button>
      ))}
    </div>
  );
}
