import { canonicalJson } from '@/core/vocabulary/canonical';
import type { Entry } from '@/core/record/entries/entry';
import { orderEntries, withUndone } from '@/core/record/entries/history';

/** What was known on the device when an entry was made: ids, of all entries. */
export type Knowledge = ReadonlyMap<string, ReadonlySet<string>>;

interface Standing {
  (about: string, property: string): readonly Entry[];
}

/**
 * Which properties of which things two hands recorded against each other, by what each knew alone: whoever records
 * a value puts it in the place of those he knew to stand. Nothing of what entries name is looked at.
 */
export function contradictedByKnowledge(all: readonly Entry[], knowledge: Knowledge): Set<string> {
  const standing = standingByKnowledge(all, knowledge);
  return new Set([...differing(all, standing), ...writtenOnWhileAway(all, knowledge, standing)]);
}

function standingByKnowledge(all: readonly Entry[], knowledge: Knowledge): Standing {
  const taken = new Map<string, ReadonlySet<string>>();
  const known = new Map<string, readonly Entry[]>();
  const live = (entries: readonly Entry[]): readonly Entry[] =>
    withUndone(orderEntries(entries).ordered).flatMap(({ entry, undone }) => (undone ? [] : entry));
  /** What counted on the device when an entry was made there. */
  const countedWhen = (by: Entry): readonly Entry[] => {
    const found = known.get(by.id);
    if (found) return found;
    const ids = knowledge.get(by.id);
    const counted = ids
      ? live(all.filter(({ id, action }) => ids.has(id) && action !== by.action))
      : [];
    known.set(by.id, counted);
    return counted;
  };
  /** Of entries that count, those whose value of a property stands. */
  const standing = (counted: readonly Entry[], about: string, property: string): Entry[] => {
    const said = counted.filter((entry) => speaksOf(entry, about, property));
    if (said.length < 2) return said;
    return said.filter(
      (one) =>
        !said.some((later) => later !== one && placeTaken(later, about, property).has(one.id)),
    );
  };
  /** Those in whose place an entry put its value. */
  const placeTaken = (by: Entry, about: string, property: string): ReadonlySet<string> => {
    if (by.kind !== 'observe') return new Set();
    const key = `${by.id} ${about} ${property}`;
    const found = taken.get(key);
    if (found) return found;
    const own = new Set(standing(countedWhen(by), about, property).map(({ id }) => id));
    taken.set(key, own);
    return own;
  };
  const now = live(all);
  return (about, property) => standing(now, about, property);
}

/** Values of one property that stand, and differ. */
function differing(all: readonly Entry[], standing: Standing): string[] {
  const properties = new Set(
    all.flatMap((entry) =>
      entry.kind === 'observe'
        ? Object.keys(entry.facts).map((name) => `${entry.about}|${name}`)
        : [],
    ),
  );
  return [...properties].filter((key) => {
    const [about, property] = key.split('|') as [string, string];
    const values = standing(about, property).map((entry) =>
      canonicalJson(factsOf(entry)[property]),
    );
    return new Set(values).size > 1;
  });
}

/** Things that were taken away by one while another, on another device, recorded something of them. */
function writtenOnWhileAway(
  all: readonly Entry[],
  knowledge: Knowledge,
  standing: Standing,
): string[] {
  const knows = (one: Entry, other: Entry) => knowledge.get(one.id)?.has(other.id) === true;
  const about = new Set(all.flatMap((entry) => (entry.kind === 'observe' ? entry.about : [])));
  return [...about].flatMap((thing) =>
    ['removed', 'takenOut'].flatMap((property) => {
      const takings = standing(thing, property).filter(
        (entry) => factsOf(entry)[property] === true,
      );
      if (takings.length === 0) return [];
      const writings = all.filter((entry) =>
        Object.keys(factsOf(entry)).some(
          (name) =>
            isOn(entry, thing, name) &&
            standing(entry.kind === 'add' ? entry.thing : aboutOf(entry), name).includes(entry),
        ),
      );
      return writings.some((one) =>
        takings.every(
          (taking) =>
            taking.device !== one.device &&
            taking.action !== one.action &&
            !knows(taking, one) &&
            !knows(one, taking),
        ),
      )
        ? [`${thing}|${property}`]
        : [];
    }),
  );
}

const aboutOf = (entry: Entry): string => (entry.kind === 'observe' ? entry.about : '');

/** Whether a fact is of a thing or a part of it, or puts something under its screws. */
function isOn(entry: Entry, thing: string, property: string): boolean {
  if (property === 'removed' || property === 'takenOut' || entry.kind === 'undo') return false;
  const of = (ref: unknown) => typeof ref === 'string' && ref.split('/')[0] === thing;
  const value = factsOf(entry)[property];
  return (
    of(entry.kind === 'add' ? entry.thing : entry.about) ||
    (property === 'landsOn' && of(value)) ||
    (property === 'terminals' && Array.isArray(value) && value.some(of))
  );
}

const factsOf = (entry: Entry): Record<string, unknown> =>
  entry.kind === 'undo' ? {} : entry.facts;

const speaksOf = (entry: Entry, about: string, property: string): boolean =>
  entry.kind !== 'undo' &&
  (entry.kind === 'add' ? entry.thing : entry.about) === about &&
  Object.hasOwn(entry.facts, property);
