import type { Entry } from './entry';
import { splitRef } from './thing-types';

/** Actions that speak of a mend, by the mend: what they state is of the state after it. */
export function mendActions(entries: readonly Entry[]): ReadonlyMap<string, string> {
  const mends = new Set<string>();
  for (const entry of entries)
    if (entry.kind === 'add' && entry.type === 'mend') mends.add(entry.thing);
  const actions = new Map<string, string>();
  if (mends.size === 0) return actions;
  for (const entry of entries) {
    const about =
      entry.kind === 'add'
        ? entry.thing
        : entry.kind === 'observe'
          ? splitRef(entry.about).thing
          : '';
    if (mends.has(about)) actions.set(entry.action, about);
  }
  return actions;
}

/**
 * The entries without those of certain actions, and without what took those back: what was recorded
 * by other actions stands, whenever it was recorded.
 */
export function withoutActions(
  entries: readonly Entry[],
  actions: ReadonlyMap<string, unknown> | ReadonlySet<string>,
): readonly Entry[] {
  if (actions.size === 0) return entries;
  const gone = new Set(actions.keys());
  // An undo of what is left out is left out, and so is an undo of that undo.
  for (let more = true; more;) {
    more = false;
    for (const entry of entries)
      if (entry.kind === 'undo' && gone.has(entry.undoes) && !gone.has(entry.action)) {
        gone.add(entry.action);
        more = true;
      }
  }
  const left = new Map<string, Entry>();
  for (const entry of entries) if (gone.has(entry.action)) left.set(entry.id, entry);
  return entries.flatMap((entry) =>
    left.has(entry.id) ? [] : (withoutCorrections(entry, left) ?? []),
  );
}

/** What corrects a value that is left out speaks of that value, and is left out with it. */
function withoutCorrections(entry: Entry, left: ReadonlyMap<string, Entry>): Entry | undefined {
  if (entry.kind !== 'observe') return entry;
  const corrected = entry.replaces.flatMap((id) => left.get(id) ?? []);
  if (corrected.length === 0) return entry;
  const kept = Object.entries(entry.facts).filter(
    ([property]) => !corrected.some((one) => one.kind !== 'undo' && property in one.facts),
  );
  return kept.length > 0 ? { ...entry, facts: Object.fromEntries(kept) } : undefined;
}
