import { differenceInCalendarDays, parseISO } from 'date-fns';
import { keptFor, openKept } from '../kept/kept';
import { bookPath } from '../sent/paths';
import type { HeldDatabase } from './held';

/** Days for which what has arrived stays on this device besides. */
const daysEntries = 30;
const daysFiles = 14;

/**
 * Lets go of what arrived long ago: the server has it. An entry stays where this device's copy of its inspection is
 * older than it: without the server nothing else would show it. Nothing that waits or was refused is touched.
 */
export async function tidyHeld(db: HeldDatabase, member: string, now: Date): Promise<void> {
  const isOld = (at: string, days: number) => differenceInCalendarDays(now, parseISO(at)) > days;
  const arrived = await db.getAllFromIndex('entries', 'by-state', [member, 'arrived']);
  const old = arrived.filter(({ entry }) => isOld(entry.at, daysEntries));
  const copies = new Map<string, Set<string> | undefined>();
  const kept = await openKept();
  try {
    for (const { inspection } of old)
      if (!copies.has(inspection)) {
        const sent = (await keptFor(kept, member, bookPath(inspection)))?.sent as
          { opened?: { entries?: readonly { id: string }[] } } | undefined;
        copies.set(inspection, sent && new Set((sent.opened?.entries ?? []).map(({ id }) => id)));
      }
  } finally {
    kept.close();
  }
  for (const { id, inspection } of old) {
    const copy = copies.get(inspection);
    if (!copy || copy.has(id)) await db.delete('entries', [member, id]);
  }
  for (const file of await db.getAllFromIndex('pictures', 'by-state', [member, 'arrived']))
    if (file.arrived === undefined)
      await db.put('pictures', { ...file, arrived: now.toISOString() });
    else if (isOld(file.arrived, daysFiles)) await db.delete('pictures', [member, file.digest]);
}
