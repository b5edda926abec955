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

/** A picture of the size of a screen, or a spoken note. */
export interface KeptPicture {
  member: string;
  digest: string;
  blob: Blob;
  /** Of which inspections it is: it leaves with the last of them. */
  inspections: string[];
}

/** An inspection a member wants here whatever else leaves. */
interface Pin {
  member: string;
  inspection: string;
}

interface KeptSchema extends DBSchema {
  answers: { key: [string, string]; value: Kept; indexes: { 'by-member': string } };
  pictures: { key: [string, string]; value: KeptPicture; indexes: { 'by-member': string } };
  pins: { key: [string, string]; value: Pin; indexes: { 'by-member': string } };
}

export type KeptDatabase = IDBPDatabase<KeptSchema>;

/** Apart from what is held: it can be sent anew, and is cleared away without a thought. */
export function openKept(name = 'east-gate-kept'): Promise<KeptDatabase> {
  return openDB<KeptSchema>(name, 2, {
    upgrade(db, from) {
      if (from < 1) {
        const answers = db.createObjectStore('answers', { keyPath: ['member', 'path'] });
        answers.createIndex('by-member', 'member');
      }
      if (from < 2) {
        const pictures = db.createObjectStore('pictures', { keyPath: ['member', 'digest'] });
        pictures.createIndex('by-member', 'member');
        const pins = db.createObjectStore('pins', { keyPath: ['member', 'inspection'] });
        pins.createIndex('by-member', 'member');
      }
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

export const keptPictureFor = (db: KeptDatabase, member: string, digest: string) =>
  db.get('pictures', [member, digest]);

export const allPicturesFor = (db: KeptDatabase, member: string) =>
  db.getAllFromIndex('pictures', 'by-member', member);

/** Inspections a member wants here whatever else leaves. */
export const pinsOf = async (db: KeptDatabase, member: string): Promise<Set<string>> =>
  new Set(
    (await db.getAllFromIndex('pins', 'by-member', member)).map(({ inspection }) => inspection),
  );

export const pin = (db: KeptDatabase, member: string, inspection: string, wanted: boolean) =>
  wanted ? db.put('pins', { member, inspection }) : db.delete('pins', [member, inspection]);

/** Clears away what was kept for a member. What is held stays. */
export async function forget(db: KeptDatabase, member: string): Promise<void> {
  const tx = db.transaction(['answers', 'pictures', 'pins'], 'readwrite');
  for (const name of ['answers', 'pictures', 'pins'] as const) {
    const store = tx.objectStore(name);
    for (const key of await store.index('by-member').getAllKeys(member)) await store.delete(key);
  }
  await tx.done;
}
