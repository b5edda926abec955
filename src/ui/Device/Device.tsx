'use client';

import { useEffect } from 'react';
import { usePathname } from 'next/navigation';
import { fetchParts, later } from '@/client/later';
import { isPageOfMembers } from './pages-of-members';

const beginning = later(() => import('@/client/worker/begin'));

/** Milliseconds after the page stands: what it shows comes first, on a slow line above all. */
const afterMs = 2000;

/** What every page of a member does besides what it shows. */
export function Device() {
  const wanted = isPageOfMembers(usePathname());
  useEffect(() => {
    if (!wanted) return;
    let end: () => void = () => undefined;
    let left = false;
    const soon = setTimeout(() => {
      // What a page opens later is here before the network is gone.
      void fetchParts();
      void beginning().then(
        ({ begin }) => {
          if (!left) end = begin();
        },
        () => undefined,
      );
    }, afterMs);
    return () => {
      left = true;
      clearTimeout(soon);
      end();
    };
  }, [wanted]);
  return null;
}
