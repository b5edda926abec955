import { group } from 'd3-array';
import { compareEntries } from '@/core/record/entries/entry';
import type { Held, HeldDatabase } from './held';
import { reading } from './reading';

/** What waits to be sent, by inspection, each in the order of its entries. */
export async function waiting(db: HeldDatabase, member: string): Promise<Map<string, Held[]>> {
  const all = await db.getAllFromIndex('entries', 'by-state', [member, 'waiting']);
  const { readableOf } = await reading();
  const readable = await readableOf(db, all);
  return group(
    readable.sort((a, b) => compareEntries(a.entry, b.entry)),
    ({ inspection }) => inspection,
  );
}
