import type { Entry } from '../../record/entries/entry';
import { orderEntries, withUndone } from '../../record/entries/history';
import type { Draft } from './draft';

/** Undoes the author's last action that still counts and is not itself an undo. */
export function undoDraft(entries: readonly Entry[], author: string): Draft | undefined {
  const last = withUndone(orderEntries(entries).ordered).findLast(
    ({ entry, undone }) => !undone && entry.author === author && entry.kind !== 'undo',
  );
  return last && { kind: 'undo', undoes: last.entry.action };
}

/** Takes back the author's last undo, unless something was recorded after it. */
export function redoDraft(entries: readonly Entry[], author: string): Draft | undefined {
  const mine = withUndone(orderEntries(entries).ordered).filter(
    ({ entry }) => entry.author === author,
  );
  const undoActions = new Set(
    mine.flatMap(({ entry }) => (entry.kind === 'undo' ? [entry.action] : [])),
  );
  const isRedo = (entry: Entry) => entry.kind === 'undo' && undoActions.has(entry.undoes);
  for (const { entry, undone } of mine.toReversed()) {
    if (entry.kind !== 'undo') return undefined;
    if (!undone && !isRedo(entry)) return { kind: 'undo', undoes: entry.action };
  }
  return undefined;
}
