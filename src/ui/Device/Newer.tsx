'use client';

import { useState, useSyncExternalStore } from 'react';
import { takeNewer } from '@/client/worker/on-device';
import { versionHere } from '@/client/worker/version-here';

/** Says that a newer version is here. Nothing is loaded anew before somebody wants it. */
export function Newer() {
  const state = useSyncExternalStore(
    versionHere.subscribe,
    versionHere.now,
    () => 'not-here' as const,
  );
  const [put, putOff] = useState(false);
  if (state !== 'newer' || put) return null;
  return (
    <div
      role="status"
      className="border-accent bg-sheet flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-l-8 px-3 py-1.5 print:hidden"
    >
      <p className="min-w-0 flex-1">
        <strong>A newer version is here.</strong> This page goes on as it is; what you recorded is
        kept either way.
      </p>
      <button className="act" onClick={() => void takeNewer()}>
        Open this page with it
      </button>
      <button className="act" onClick={() => putOff(true)}>
        Later
      </button>
    </div>
  );
}
