import type { Entry } from './entry';

/** Facts by which a grade is overruled. */
const overruling = ['overruledTo', 'overruleReason'];

/**
 * Which of new entries overrule a grade, change an overruling or take one back: what not everybody may.
 * @param standing entries recorded before them
 */
export function overrulingEntries(
  fresh: readonly Entry[],
  standing: readonly Entry[],
): Set<string> {
  const all = [...standing, ...fresh];
  const direct = all.filter(
    (entry) => entry.kind !== 'undo' && overruling.some((name) => Object.hasOwn(entry.facts, name)),
  );
  const things = new Set(
    direct.map((entry) =>
      entry.kind === 'add' ? entry.thing : entry.kind === 'observe' ? entry.about : '',
    ),
  );
  const marked = new Set(direct.map(({ id }) => id));
  // Taken away, or turned to another finding.
  const turns = (entry: Entry) =>
    entry.kind === 'observe' &&
    things.has(entry.about) &&
    ['removed', 'finding'].some((name) => Object.hasOwn(entry.facts, name));
  for (const entry of all) if (turns(entry)) marked.add(entry.id);
  // An undo of an undo reaches as far: until nothing is added.
  const actions = () => new Set(all.filter(({ id }) => marked.has(id)).map(({ action }) => action));
  for (let before = -1; before < marked.size;) {
    before = marked.size;
    const reached = actions();
    for (const entry of all)
      if (entry.kind === 'undo' && reached.has(entry.undoes)) marked.add(entry.id);
  }
  return new Set(fresh.filter(({ id }) => marked.has(id)).map(({ id }) => id));
}
