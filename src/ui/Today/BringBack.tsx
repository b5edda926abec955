'use client';

import { useRef, useState } from 'react';
import { openHeld } from '@/client/outbox/held';
import { countedEntries, countedFiles } from '@/core/vocabulary/phrases';
import type { Who } from '../who';
import { fileOfHeld } from './save-held';

/** Brings back what was saved to a file. */
export function BringBack({ who, changed }: { who: Who; changed(): void }) {
  const input = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState<{ fault: boolean; words: string }>();
  const bring = async (file: File | undefined) => {
    if (!file) return;
    const { bringBack } = await fileOfHeld();
    const db = await openHeld();
    const back = await bringBack(db, who.member, await file.text()).finally(() => db.close());
    if (input.current) input.current.value = '';
    setSaid(
      back.ok
        ? {
            fault: false,
            words: `Brought back: ${countedEntries(back.entries)} and ${countedFiles(back.pictures)}, held here until they have arrived. On this device already: ${back.known}.`,
          }
        : { fault: true, words: back.fault },
    );
    changed();
  };
  return (
    <section aria-labelledby="bring-back" className="mt-6">
      <h2 id="bring-back" className="border-ink text-heading border-t-2 pt-2 font-bold">
        Bring back held entries
      </h2>
      <label className="mt-2 grid gap-1 font-semibold">
        File of held entries, saved from Today
        <input
          ref={input}
          className="field py-1"
          type="file"
          accept=".json,application/json"
          onChange={(event) =>
            void bring(event.currentTarget.files?.[0]).catch(() =>
              setSaid({
                fault: true,
                words: 'This device could not take it in. Nothing was lost.',
              }),
            )
          }
        />
      </label>
      <p aria-live="polite" className={said?.fault ? 'text-danger mt-2 font-semibold' : 'mt-2'}>
        {said?.words}
      </p>
    </section>
  );
}
