'use client';

import { useEffect, useState } from 'react';
import type { HeldHere } from '@/client/outbox/held-here';
import { countHeldHere } from '@/client/outbox/held-here';
import { inspectionOf, pageWords } from '@/client/errands/errands';
import { useAwake } from '../primitives/use-awake';
import { OnArrival } from './OnArrival';
import { heldWords } from '../Broken/held-words';
import { OpenPage } from '../primitives/OpenPage';

/** Stands where a page of the server alone was asked for, and the server is not reached. */
export function NoNetwork() {
  const awake = useAwake();
  const path = awake ? window.location.pathname : undefined;
  const [held, setHeld] = useState<HeldHere | null>();
  useEffect(
    () =>
      void countHeldHere().then(setHeld, () => {
        setHeld(null);
      }),
    [],
  );
  return (
    <OpenPage title="The server is not reached">
      <p>
        This page is drawn by the server, and this device has none of it. The inspections taken
        along can be opened, and new ones begun, from Today.
      </p>
      <p className="font-semibold">{heldWords(held)}</p>
      {path && (
        <p>
          <OnArrival
            errand={{
              path,
              what: 'page',
              words: pageWords(path),
              inspection: inspectionOf(path),
            }}
          />
        </p>
      )}
      <p className="flex flex-wrap gap-2">
        <button className="act act-main" onClick={() => window.location.reload()}>
          Ask again
        </button>
        {/* Asked for whole: what follows links needs the server. */}
        {/* eslint-disable-next-line @next/next/no-html-link-for-pages */}
        <a className="act" href="/">
          To Today
        </a>
      </p>
    </OpenPage>
  );
}
