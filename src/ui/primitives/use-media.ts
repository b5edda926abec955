'use client';

import { useCallback, useSyncExternalStore } from 'react';

/** Whether a media query holds. No until that is known. */
export function useMedia(query: string): boolean {
  const subscribe = useCallback(
    (changed: () => void) => {
      const media = window.matchMedia?.(query);
      media?.addEventListener('change', changed);
      return () => media?.removeEventListener('change', changed);
    },
    [query],
  );
  return useSyncExternalStore(
    subscribe,
    () => window.matchMedia?.(query).matches ?? false,
    () => false,
  );
}

/** Whether things may move: unless that is known they stand still. */
export const useMotion = (): boolean => useMedia('(prefers-reduced-motion: no-preference)');
