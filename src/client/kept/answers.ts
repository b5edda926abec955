import { formatISO } from 'date-fns';
import { counted } from '@/core/vocabulary/phrases';
import type { Kept, KeptDatabase } from './kept';
import { todayPath } from '../sent/paths';
import { agreedDaysPast } from './agreed-days';
import { openHeld } from '../outbox/held';
import {
  allKeptFor,
  allPicturesFor,
  forget,
  keep,
  keptFor,
  keptPictureFor,
  openKept,
  pinsOf,
} from './kept';
import { leaveDevice, memberHere, setMemberHere } from './member-here';
import { searchKept } from './search-kept';
import { inspectionAt, leaving, picturesLeaving } from './leaving';

/** Says whom it was sent to. */
const addresseeOf = (sent: unknown): string | undefined =>
  (sent as { who?: { member?: string } } | null)?.who?.member;

export async function onKept<T>(work: (db: KeptDatabase) => Promise<T>): Promise<T> {
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
 * @param at when the server sent it: a moment of ISO 8601
 */
export async function keepAnswer(
  path: string,
  sent: unknown,
  at: string = formatISO(new Date()),
): Promise<void> {
  const member = addresseeOf(sent);
  if (member === undefined) return;
  setMemberHere(member);
  await onKept(async (db) => {
    await keep(db, { member, path, sent, at, opened: formatISO(new Date()) });
    await letLeave(db, member);
  }).catch(() => undefined);
}

/** Lets leave what is not kept any longer, never what has entries that have not arrived. */
async function letLeave(db: KeptDatabase, member: string): Promise<void> {
  const all = await allKeptFor(db, member);
  const staying = new Set([...(await pinsOf(db, member)), ...(await inspectionsHeld(member))]);
  const gone = new Set(leaving(all, staying).map(({ path }) => path));
  if (gone.size === 0) return;
  for (const path of gone) await db.delete('answers', [member, path]);
  const here = new Set(
    all.flatMap(({ path }) => (gone.has(path) ? [] : (inspectionAt(path) ?? []))),
  );
  for (const { digest } of picturesLeaving(await allPicturesFor(db, member), here))
    await db.delete('pictures', [member, digest]);
}

/** Inspections with entries of this member that wait on this device, or were refused. */
async function inspectionsHeld(member: string): Promise<string[]> {
  const db = await openHeld();
  try {
    const held = await Promise.all(
      (['waiting', 'refused'] as const).map((state) =>
        db.getAllFromIndex('entries', 'by-state', [member, state]),
      ),
    );
    return held.flat().map(({ inspection }) => inspection);
  } finally {
    db.close();
  }
}

/** What is kept of an answer. */
interface Found {
  kept?: Kept;
  /** Why it is not shown, in words. */
  tooOld?: string;
}

const longUnheard = (days: number) =>
  `This device did not hear from your office for over ${counted(days, 'day')}, so it shows nothing of what it keeps until the server is reached. What you recorded is still on it.`;

/**
 * What was sent there to whoever uses this device, where the device heard from the server within the days that were
 * agreed.
 */
export async function findKept(path: string): Promise<Found> {
  const member = memberHere();
  if (member === undefined) return {};
  return onKept(async (db): Promise<Found> => {
    const today = await keptFor(db, member, todayPath());
    const own = await keptFor(db, member, path);
    const kept = own ?? searchedFor(path, today);
    if (!kept) return {};
    const agreedDays = agreedDaysPast([kept, today], new Date());
    if (agreedDays !== undefined) return { tooOld: longUnheard(agreedDays) };
    if (own) await keep(db, { ...own, opened: formatISO(new Date()) });
    return { kept };
  }).catch(() => ({}));
}

/** A list that was searched for while the server was not reached: looked for in what is kept. */
function searchedFor(path: string, today: Kept | undefined): Kept | undefined {
  const asked = path.startsWith(`${todayPath()}?`)
    ? new URLSearchParams(path.slice(todayPath().length)).get('q')
    : null;
  return today && asked !== null ? searchKept(today, asked, path) : undefined;
}

/** As findKept; undefined: nothing is shown of it. */
export const keptAnswer = async (path: string): Promise<Kept | undefined> =>
  (await findKept(path)).kept;

/** The picture of the size of a screen that was taken along for whoever uses this device; undefined: none was. */
export async function keptPicture(digest: string): Promise<Blob | undefined> {
  const member = memberHere();
  if (member === undefined) return undefined;
  const kept = await onKept((db) => keptPictureFor(db, member, digest)).catch(() => undefined);
  return kept?.blob;
}

/** Clears away what was kept for whoever uses this device, and whose it is. What is held stays. */
export async function clearKept(): Promise<void> {
  const member = memberHere();
  leaveDevice();
  if (member !== undefined) await onKept((db) => forget(db, member)).catch(() => undefined);
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
