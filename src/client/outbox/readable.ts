import { describeFault } from '@/core/vocabulary/fault';
import { isReadAtOnce } from '@/core/record/entries/incoming';
import { parseEntry } from '@/core';
import type { Held, HeldDatabase } from './held';

/** Why what this device holds cannot be read as the entry it was; undefined: it can. */
export function troubleInHeld(held: Held): string | undefined {
  const { id, inspection, entry } = held;
  if (typeof inspection !== 'string') return 'it does not say of which inspection it is';
  if (!isReadAtOnce(entry)) {
    const parsed = parseEntry(entry as unknown);
    if (!parsed.ok) return describeFault(parsed.faults[0]!);
  }
  return entry.id === id ? undefined : 'it calls itself another entry';
}

/**
 * Those that can be read. What waits and was changed since it was held is set aside with the reason, and stays on
 * this device as it is: the rest goes on.
 */
export async function readableOf(db: HeldDatabase, all: readonly Held[]): Promise<Held[]> {
  const readable: Held[] = [];
  for (const held of all) {
    const trouble = troubleInHeld(held);
    if (trouble === undefined) readable.push(held);
    else if (held.state === 'waiting')
      await db.put('entries', {
        ...held,
        state: 'refused',
        reason: `It was changed on this device since it was recorded: ${trouble}. It was not sent.`,
      });
  }
  return readable;
}
