import type { DBSchema, IDBPDatabase } from 'idb';
import { openDB } from 'idb';
import type { Entry } from '@/core/record/entries/entry';

export type HeldState = 'waiting' | 'arrived' | 'refused';

/** An entry on this device and what became of it. */
export interface Held {
  member: string;
  organisation: string;
  inspection: string;
  id: string;
  entry: Entry;
  state: HeldState;
  /** Why the server refused it. */
  reason?: string;
}

/** A picture on this device, upright and without data about its place or device; or a spoken note. */
export interface HeldPicture {
  member: string;
  digest: string;
  blob: Blob;
  /** Undefined: a picture. */
  kind?: 'sound';
  /** When it arrived: a moment of ISO 8601; undefined: it has not, or did before this was noted. */
  arrived?: string;
  state: HeldState;
  reason?: string;
}

interface HeldSchema extends DBSchema {
  entries: {
    key: [string, string];
    value: Held;
    indexes: { 'by-state': [string, HeldState]; 'by-inspection': [string, string] };
  };
  pictures: {
    key: [string, string];
    value: HeldPicture;
    indexes: { 'by-state': [string, HeldState] };
  };
}

export type HeldDatabase = IDBPDatabase<HeldSchema>;

/** Entries written on this device, by the member who wrote them. */
export function openHeld(name = 'east-gate'): Promise<HeldDatabase> {
  return openDB<HeldSchema>(name, 2, {
    upgrade(db, from) {
      if (from < 1) {
        const entries = db.createObjectStore('entries', { keyPath: ['member', 'id'] });
        entries.createIndex('by-state', ['member', 'state']);
        entries.createIndex('by-inspection', ['member', 'inspection']);
      }
      if (from < 2) {
        const pictures = db.createObjectStore('pictures', { keyPath: ['member', 'digest'] });
        pictures.createIndex('by-state', ['member', 'state']);
      }
    },
  });
}

/** Writes entries to the disk before anything else happens to them. */
export async function hold(db: HeldDatabase, entries: readonly Held[]): Promise<void> {
  const tx = db.transaction('entries', 'readwrite', { durability: 'strict' });
  await Promise.all([...entries.map((held) => tx.store.put(held)), tx.done]);
}

/** Records what the server answered. */
export async function settle(
  db: HeldDatabase,
  member: string,
  results: readonly { id: string; outcome: 'arrived' | 'refused'; reason?: string }[],
): Promise<void> {
  const tx = db.transaction('entries', 'readwrite', { durability: 'strict' });
  for (const result of results) {
    const held = await tx.store.get([member, result.id]);
    if (!held) continue;
    await tx.store.put({
      ...held,
      state: result.outcome,
      ...(result.reason && { reason: result.reason }),
    });
  }
  await tx.done;
}

export const heldOf = (db: HeldDatabase, member: string, inspection: string) =>
  db.getAllFromIndex('entries', 'by-inspection', [member, inspection]);

export interface HeldCounts {
  waiting: number;
  arrived: number;
  refused: Held[];
  /** Pictures that wait to be sent. */
  pictures: number;
  /** Why the server refused pictures. */
  pictureFaults: string[];
  /** Waiting here for somebody else who uses this device. */
  waitingForOthers: number;
}

export async function countHeld(db: HeldDatabase, member: string): Promise<HeldCounts> {
  const all = await db.getAll('entries');
  const pictures = await db.getAllFromIndex('pictures', 'by-state', [member, 'waiting']);
  const refusedPictures = await db.getAllFromIndex('pictures', 'by-state', [member, 'refused']);
  const mine = all.filter((held) => held.member === member);
  return {
    waiting: mine.filter((held) => held.state === 'waiting').length,
    arrived: mine.filter((held) => held.state === 'arrived').length,
    refused: mine.filter((held) => held.state === 'refused'),
    pictures: pictures.length,
    pictureFaults: refusedPictures.map((picture) => picture.reason ?? 'refused'),
    waitingForOthers: all.filter((held) => held.member !== member && held.state === 'waiting')
      .length,
  };
}
