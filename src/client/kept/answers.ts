import { formatISO } from 'date-fns';
import type { Kept, KeptDatabase } from './kept';
import { allKeptFor, keep, keptFor, openKept } from './kept';
import { memberHere, setMemberHere } from './member-here';
import { leaving } from './leaving';

/** Says whom it was sent to. */
const addresseeOf = (sent: unknown): string | undefined =>
  (sent as { who?: { member?: string } } | null)?.who?.member;

async function onKept<T>(work: (db: KeptDatabase) => Promise<T>): Promise<T> {
  const db = await openKept();
  try {
    return await work(db);
  } finally {
    db.close();
  }
}

/**
 * Keeps what the server sent here, if it says to whom, and clears away what is old. A device that cannot keep it
 * goes on without: nothing that was recorded is in it.
 */
export async function keepAnswer(path: string, sent: unknown): Promise<void> {
  const member = addresseeOf(sent);
  if (member === undefined) return;
  setMemberHere(member);
  const at = formatISO(new Date());
  await onKept(async (db) => {
    await keep(db, { member, path, sent, at, opened: at });
    for (const old of leaving(await allKeptFor(db, member)))
      await db.delete('answers', [old.member, old.path]);
  }).catch(() => undefined);
}

/** What was sent there to whoever uses this device; undefined: nothing is kept of it. */
export async function keptAnswer(path: string): Promise<Kept | undefined> {
  const member = memberHere();
  if (member === undefined) return undefined;
  return onKept(async (db) => {
    const kept = await keptFor(db, member, path);
    if (kept) await keep(db, { ...kept, opened: formatISO(new Date()) });
    return kept;
  }).catch(() => undefined);
}

/** What the server has no longer for whoever uses this device is not kept either. */
export async function dropAnswer(path: string): Promise<void> {
  const member = memberHere();
  if (member !== undefined)
    await onKept((db) => db.delete('answers', [member, path])).catch(() => undefined);
}

/** All that is kept for whoever uses this device. */
export async function keptHere(): Promise<Kept[]> {
  const member = memberHere();
  return member === undefined ? [] : onKept((db) => allKeptFor(db, member)).catch(() => []);
}
