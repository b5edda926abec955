import { useSyncExternalStore } from 'react';

const never = () => () => undefined;

/** Whether the page is awake. Before, a form would go to the server as a plain one, which does nothing with it. */
export const useAwake = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
