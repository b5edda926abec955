import { canonicalJson } from '../../vocabulary/canonical';
import type { Entry } from './entry';
import { compareEntries } from './entry';
import { isBeyondCount } from './strange';
import type { HistoryItem } from './inspection';

/** One entry for each id, in the total order. Two bodies under one id: the first in canonical text stands. */
export function orderEntries(entries: readonly Entry[]): {
  ordered: readonly Entry[];
  doubled: Entry[];
} {
  if (standInOrder(entries)) return { ordered: entries, doubled: [] };
  const byId = new Map<string, Entry>();
  const doubled = new Map<string, Entry>();
  for (const entry of entries) {
    const known = byId.get(entry.id);
    if (!known) {
      byId.set(entry.id, entry);
      continue;
    }
    if (known === entry) continue;
    const [knownText, text] = [canonicalJson(known), canonicalJson(entry)];
    if (knownText === text) continue;
    if (text < knownText) byId.set(entry.id, entry);
    const [loser, loserText] = text < knownText ? [known, knownText] : [entry, text];
    doubled.set(loserText, loser);
  }
  const inOrder = (a: [string, Entry], b: [string, Entry]) => (a[0] < b[0] ? -1 : 1);
  return {
    ordered: [...byId.values()].sort(compareEntries),
    doubled: [...doubled].sort(inOrder).map(([, entry]) => entry),
  };
}

/** Whether they stand in their total order already, each once: nothing is to be done then. */
function standInOrder(entries: readonly Entry[]): boolean {
  const ids = new Set<string>();
  let counter = 0;
  for (const entry of entries) {
    if (entry.counter <= counter || isBeyondCount(entry)) return false;
    counter = entry.counter;
    ids.add(entry.id);
  }
  return ids.size === entries.length;
}

/**
 * Marks the undone. An undo takes back what stands before it in the total order, unless a later
 * undo took it back itself; so each is decided by those after it, last to first.
 */
export function withUndone(ordered: readonly Entry[]): HistoryItem[] {
  const undoneBefore = new Set<string>();
  const items: HistoryItem[] = [];
  for (let index = ordered.length - 1; index >= 0; index -= 1) {
    const entry = ordered[index]!;
    const undone = undoneBefore.has(entry.action);
    if (entry.kind === 'undo' && !undone) undoneBefore.add(entry.undoes);
    items.push({ entry, undone });
  }
  return items.reverse();
}
