'use client';

import { useSyncExternalStore } from 'react';

/** Where the walk is laid out for one thumb: as in the style sheet. */
const query = '(max-width: 1023px)';

const subscribe = (changed: () => void) => {
  const media = window.matchMedia?.(query);
  media?.addEventListener('change', changed);
  return () => media?.removeEventListener('change', changed);
};

/** Whether the page stands on a phone or a small tablet. Wide until that is known. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(
    subscribe,
    () => window.matchMedia?.(query).matches ?? false,
    () => false,
  );
