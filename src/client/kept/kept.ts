import type { DBSchema, IDBPDatabase } from 'idb';
import { openDB } from 'idb';

/** What the server sent a member, kept on this device for when it is not reached. */
export interface Kept {
  member: string;
  /** Where it was asked for. */
  path: string;
  /** JSON as it was sent. */
  sent: unknown;
  /** When it was sent: a moment of ISO 8601. */
  at: string;
  /** When it was last opened. */
  opened: string;
}

interface KeptSchema extends DBSchema {
  answers: { key: [string, string]; value: Kept; indexes: { 'by-member': string } };
}

export type KeptDatabase = IDBPDatabase<KeptSchema>;

/** Apart from what is held: it can be sent anew, and is cleared away without a thought. */
export function openKept(name = 'east-gate-kept'): Promise<KeptDatabase> {
  return openDB<KeptSchema>(name, 1, {
    upgrade(db) {
      const answers = db.createObjectStore('answers', { keyPath: ['member', 'path'] });
      answers.createIndex('by-member', 'member');
    },
  });
}

/** Keeps an answer in place of the one before. */
export const keep = (db: KeptDatabase, kept: Kept) => db.put('answers', kept);

/** What a member was sent there; nothing of anybody else is ever given. */
export const keptFor = (db: KeptDatabase, member: string, path: string) =>
  db.get('answers', [member, path]);

export const allKeptFor = (db: KeptDatabase, member: string) =>
  db.getAllFromIndex('answers', 'by-member', member);

/** Clears away what was kept for a member. What is held stays. */
export async function forget(db: KeptDatabase, member: string): Promise<void> {
  const tx = db.transaction('answers', 'readwrite');
  for (const key of await tx.store.index('by-member').getAllKeys(member))
    await tx.store.delete(key);
  await tx.done;
}
