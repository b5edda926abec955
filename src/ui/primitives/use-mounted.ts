import { useSyncExternalStore } from 'react';

/** False while the page is as the server drew it. */
export const useMounted = (): boolean =>
  useSyncExternalStore(
    () => () => undefined,
    () => true,
    () => false,
  );
