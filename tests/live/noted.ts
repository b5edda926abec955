import type { LogbookStore } from '@/client/logbook/store';

/** Does something on a device, and notes what was recorded by it, and what was known there when it was. */
export async function noted(
  store: LogbookStore,
  device: string,
  made: Map<string, ReadonlySet<string>>,
  work: (store: LogbookStore) => Promise<string | undefined>,
): Promise<void> {
  const ids = () => store.snapshot().entries.map(({ id }) => id);
  const before = new Set(ids());
  await work(store);
  for (const entry of store.snapshot().entries)
    if (!before.has(entry.id) && entry.device === device) made.set(entry.id, before);
}
