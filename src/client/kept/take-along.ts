import { askJson } from '../http';
import { bookPath, libraryPath, returnPath } from '../sent/paths';
import { keepAnswer, keptHere } from './answers';
import type { Kept } from './kept';

/** An inspection as Today lists it. */
export interface Listed {
  id: string;
  entries: number;
  stage: 'draft' | 'issued' | 'changed' | 'returning' | 'closed';
}

/** Of those listed, the last that are taken along; those still worked on are, whatever their number. */
const last = 20;

/** Where what is to be taken along is asked for, that is not here as new as it is there. */
export function wantedAlong(listed: readonly Listed[], kept: readonly Kept[]): string[] {
  const copies = new Map(kept.map((one) => [one.path, one]));
  const along = listed.filter(
    ({ stage }, at) => at < last || stage === 'draft' || stage === 'returning',
  );
  const paths = [libraryPath];
  for (const { id, entries, stage } of along) {
    const copy = copies.get(bookPath(id))?.sent as
      { opened?: { entries?: readonly unknown[] } } | undefined;
    const older = (copy?.opened?.entries?.length ?? -1) < entries;
    if (older) paths.push(bookPath(id));
    if (stage !== 'draft' && (older || !copies.has(returnPath(id)))) paths.push(returnPath(id));
  }
  return [...new Set(paths)];
}

/** Takes along what Today lists, one after another; ends where the server is not reached. */
export async function takeAlong(listed: readonly Listed[], left: AbortSignal): Promise<void> {
  for (const path of wantedAlong(listed, await keptHere())) {
    const answer = await askJson<unknown>(path, { signal: left });
    if (left.aborted || (!answer.ok && answer.status === 0)) return;
    if (answer.ok) await keepAnswer(path, answer.value);
  }
  // Asked for once something is worth keeping; a browser may say no, and clear it away when it is full.
  await navigator.storage?.persist?.().catch(() => false);
}
