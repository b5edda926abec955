import { askJson } from '../http';
import { bookPath, libraryPath, returnPath } from '../sent/paths';
import { keepAnswer, keptHere, onKept } from './answers';
import type { Kept } from './kept';
import { keptFor, pinsOf } from './kept';
import { memberHere } from './member-here';
import { isRoomFor, roomHere } from './room';
import { takePictures } from './take-pictures';

/** An inspection as Today lists it. */
export interface Listed {
  id: string;
  entries: number;
  stage: 'draft' | 'issued' | 'changed' | 'returning' | 'closed';
}

/** Of those listed, the last that are taken along; those still worked on are, whatever their number. */
const last = 20;

const isAlong = ({ stage }: Listed, at: number): boolean =>
  at < last || stage === 'draft' || stage === 'returning';

interface BookSent {
  opened?: { entries?: readonly unknown[] };
}

/**
 * Where what is to be taken along is asked for, that is not here as new as it is there.
 * @param pinned inspections that are wanted here, listed or not
 */
export function wantedAlong(
  listed: readonly Listed[],
  kept: readonly Kept[],
  pinned: ReadonlySet<string> = new Set(),
): string[] {
  const copies = new Map(kept.map((one) => [one.path, one]));
  const paths = [libraryPath];
  for (const { id, entries, stage } of listed.filter(
    (one, at) => isAlong(one, at) || pinned.has(one.id),
  )) {
    const copy = copies.get(bookPath(id))?.sent as BookSent | undefined;
    const older = (copy?.opened?.entries?.length ?? -1) < entries;
    if (older) paths.push(bookPath(id));
    if (stage !== 'draft' && (older || !copies.has(returnPath(id)))) paths.push(returnPath(id));
  }
  const here = new Set(listed.map(({ id }) => id));
  for (const id of pinned) if (!here.has(id)) paths.push(bookPath(id));
  return [...new Set(paths)];
}

/** What an inspection weighs at most, about: for whether there is room. */
const aboutBytes = 1_000_000;

/**
 * Takes along what Today lists and what is pinned, one after another, then their photos; ends where the server is
 * not reached, or where the room is wanted for what is recorded.
 */
export async function takeAlong(listed: readonly Listed[], left: AbortSignal): Promise<void> {
  const member = memberHere();
  if (member === undefined) return;
  const pinned = await onKept((db) => pinsOf(db, member));
  for (const path of wantedAlong(listed, await keptHere(), pinned)) {
    if (!isRoomFor(await roomHere(), aboutBytes)) return;
    const answer = await askJson<unknown>(path, { signal: left });
    if (left.aborted || (!answer.ok && answer.status === 0)) return;
    if (answer.ok) await keepAnswer(path, answer.value);
  }
  // Asked for once something is worth keeping; a browser may say no, and clear it away when it is full.
  await navigator.storage?.persist?.().catch(() => false);
  const along = new Set([...listed.filter(isAlong).map(({ id }) => id), ...pinned]);
  await onKept(async (db) => {
    for (const inspection of along) {
      const sent = (await keptFor(db, member, bookPath(inspection)))?.sent as BookSent | undefined;
      const entries = sent?.opened?.entries ?? [];
      if (!(await takePictures(db, member, { inspection, entries }, left))) return;
    }
  });
}
