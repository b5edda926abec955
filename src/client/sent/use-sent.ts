'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { askJson } from '../http';

/** What the server sends for a view: nothing yet, what it sent, or why it did not, in words. */
export interface Sent<T> {
  data: T | undefined;
  fault: string | undefined;
  /** Asks anew; what is shown stays until it comes. */
  again(): void;
}

/** Asks the server for what a view is drawn from. Whoever is not signed in is sent to do so. */
export function useSent<T>(path: string): Sent<T> {
  const router = useRouter();
  const [asked, ask] = useState(0);
  const [sent, setSent] = useState<{ path: string; data?: T; fault?: string }>();
  useEffect(() => {
    const left = new AbortController();
    void askJson<T>(path, { signal: left.signal }).then((answer) => {
      if (left.signal.aborted) return;
      if (answer.ok) setSent({ path, data: answer.value });
      else if (answer.status === 401) router.replace('/sign-in');
      else
        setSent((before) => ({
          path,
          ...(before?.path === path && { data: before.data }),
          fault: answer.faults.join(' '),
        }));
    });
    return () => left.abort();
  }, [path, asked, router]);
  const here = sent?.path === path ? sent : undefined;
  return { data: here?.data, fault: here?.fault, again: () => ask((times) => times + 1) };
}
