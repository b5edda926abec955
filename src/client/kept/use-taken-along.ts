'use client';

import { useEffect } from 'react';
import type { Listed } from './take-along';
import { takeAlong } from './take-along';

/** Milliseconds after the list stands: what it shows comes first. */
const afterMs = 3000;

/**
 * Takes along what is listed, so that it opens without the server.
 * @param fresh the list is the server's own of now
 */
export function useTakenAlong(listed: readonly Listed[], fresh: boolean): void {
  useEffect(() => {
    // Without the pages on this device nothing of it could be opened.
    if (!fresh || !navigator.serviceWorker?.controller) return;
    const left = new AbortController();
    const soon = setTimeout(() => void takeAlong(listed, left.signal), afterMs);
    return () => (clearTimeout(soon), left.abort());
  }, [listed, fresh]);
}
