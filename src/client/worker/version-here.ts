import type { OnDevice } from './on-device';

let state: OnDevice = 'not-here';
const listeners = new Set<() => void>();

/** How far the pages are on this device, for whatever shows it. */
export const versionHere = {
  now: (): OnDevice => state,
  set(next: OnDevice): void {
    state = next;
    for (const listener of listeners) listener();
  },
  subscribe(listener: () => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
};
