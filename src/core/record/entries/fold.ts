import { canonicalJson } from '../../vocabulary/canonical';
import type { AddEntry, Entry, ObserveEntry } from './entry';
import { factsOfEntry } from './facts-of-entry';
import { propertySpec } from './properties';
import { orderEntries, withUndone } from './history';
import type { Conflict, Fact, Inspection, Thing, Unplaced } from './inspection';
import { assertPresence } from './taken-away';
import { isThingType, partSubject, thingTypes } from './thing-types';

/**
 * What the entries say. Total: whatever cannot be placed is listed, never thrown away.
 * Independent of the order and repetition of the entries.
 */
export function fold(entries: readonly Entry[]): Inspection {
  const { ordered, doubled } = orderEntries(entries);
  const live = liveEntries(ordered);
  const unplaced: Unplaced[] = doubled.map((entry) => ({
    entry: entry.id,
    about: subjectOf(entry),
    reason: 'another entry has the same id',
  }));
  for (const entry of live)
    if (entry.kind === 'undo' && !ordered.some((one) => one.action === entry.undoes))
      unplaced.push({
        entry: entry.id,
        about: entry.undoes,
        reason: 'undoes an action that is not here',
      });

  const things = declareThings(live, unplaced);
  const { facts, merged, recorded } = gatherFacts(live, things, unplaced);
  dropReplaced(merged, live);
  assertPresence({ things, facts }, merged, live);
  return { things, facts, recorded, unplaced, conflicts: findConflicts(merged) };
}

/** Entries that nobody took back. */
function liveEntries(ordered: readonly Entry[]): readonly Entry[] {
  if (!ordered.some((entry) => entry.kind === 'undo')) return ordered;
  return withUndone(ordered)
    .filter((item) => !item.undone)
    .map((item) => item.entry);
}

function subjectOf(entry: Entry): string {
  return entry.kind === 'add' ? entry.thing : entry.kind === 'observe' ? entry.about : entry.undoes;
}

/** Things by id; an orphan, a doubled id or a wrong parent is unplaced, and so is all it held. */
function declareThings(live: readonly Entry[], unplaced: Unplaced[]): Map<string, Thing> {
  const declared = new Map<string, AddEntry>();
  for (const entry of live) {
    if (entry.kind !== 'add') continue;
    if (declared.has(entry.thing))
      unplaced.push({
        entry: entry.id,
        about: entry.thing,
        reason: 'a thing with this id is there already',
      });
    else declared.set(entry.thing, entry);
  }
  const things = new Map<string, Thing>();
  const faults = new Map<string, string>();
  const pending = new Set<string>();
  const settle = (id: string): Thing | undefined => {
    const known = things.get(id);
    if (known || faults.has(id)) return known;
    const entry = declared.get(id);
    if (!entry || pending.has(id)) return undefined;
    const { in: parent, type } = entry;
    pending.add(id);
    const fault = placementFault(
      entry,
      parent === null ? null : (things.get(parent) ?? settle(parent)),
    );
    pending.delete(id);
    if (fault || !isThingType(type)) {
      faults.set(id, fault ?? 'of an unknown type');
      return undefined;
    }
    const thing = { id, type, in: parent, entry: entry.id };
    things.set(id, thing);
    return thing;
  };
  for (const [id, entry] of declared) {
    const { in: parent, type } = entry;
    const holder = parent === null ? null : things.get(parent);
    // What it stands in was declared before it, as it nearly always is.
    if (holder !== undefined && isThingType(type) && !placementFault(entry, holder))
      things.set(id, { id, type, in: parent, entry: entry.id });
    else if (!settle(id))
      unplaced.push({ entry: entry.id, about: id, reason: faults.get(id) ?? 'stands in itself' });
  }
  return things;
}

function placementFault(entry: AddEntry, parent: Thing | null | undefined): string | undefined {
  if (!isThingType(entry.type)) return `of an unknown type, ${entry.type}`;
  if (parent === undefined) return 'what it stands in is not here';
  const allowed: readonly (string | null)[] = thingTypes[entry.type].in;
  return allowed.includes(parent?.type ?? null)
    ? undefined
    : `a ${entry.type} cannot stand in ${parent ? `a ${parent.type}` : 'nothing'}`;
}

type FactMap = Map<string, ReadonlyMap<string, readonly Fact[]>>;
/** Facts of what several entries speak of. */
type MergedFacts = Map<string, Map<string, Fact[]>>;

/**
 * Facts by subject and property. Where one entry alone speaks of a subject its own facts stand;
 * only where several do are they put together anew, and only there can they contradict.
 */
function gatherFacts(
  live: readonly Entry[],
  things: Map<string, Thing>,
  unplaced: Unplaced[],
): { facts: FactMap; merged: MergedFacts; recorded: Set<string> } {
  const facts: FactMap = new Map();
  const recorded = new Set<string>();
  const merged: MergedFacts = new Map();
  for (const entry of live) {
    if (entry.kind === 'undo') continue;
    const about = entry.kind === 'add' ? entry.thing : entry.about;
    const slash = entry.kind === 'add' ? -1 : about.indexOf('/');
    const thing = things.get(slash < 0 ? about : about.slice(0, slash));
    if (!thing || (entry.kind === 'add' && thing.entry !== entry.id)) {
      if (entry.kind === 'observe')
        unplaced.push({ entry: entry.id, about, reason: 'what it is about is not here' });
      continue;
    }
    const part = slash < 0 ? undefined : about.slice(slash + 1);
    const subject = part === undefined ? thing.type : partSubject(thing.type, part);
    if (!subject) {
      unplaced.push({ entry: entry.id, about, reason: `a ${thing.type} has no part ${part}` });
      continue;
    }
    const said = factsOfEntry(entry, about, subject);
    for (const one of said.unplaced) unplaced.push(one);
    for (const property of said.properties) recorded.add(property);
    const known = facts.get(about);
    if (!known) facts.set(about, said.facts);
    else mergeFacts(about, known, said.facts, facts, merged);
  }
  return { facts, merged, recorded };
}

function mergeFacts(
  about: string,
  known: ReadonlyMap<string, readonly Fact[]>,
  more: ReadonlyMap<string, readonly Fact[]>,
  facts: FactMap,
  merged: MergedFacts,
): void {
  let own = merged.get(about);
  if (!own) {
    own = new Map();
    for (const [property, values] of known) own.set(property, [...values]);
    merged.set(about, own);
    facts.set(about, own);
  }
  for (const [property, values] of more) {
    const standing = own.get(property);
    if (standing) standing.push(...values);
    else own.set(property, [...values]);
  }
}

/** A value stands until a later entry about the same thing and property names its entry as replaced. */
function dropReplaced(merged: MergedFacts, live: readonly Entry[]): void {
  const replacing = new Map<string, ObserveEntry>();
  const replaced = new Set<string>();
  for (const entry of live) {
    if (entry.kind !== 'observe' || entry.replaces.length === 0) continue;
    replacing.set(entry.id, entry);
    for (const id of entry.replaces) replaced.add(id);
  }
  if (replacing.size === 0) return;
  const order = new Map<string, number>();
  live.forEach(({ id }, index) => {
    if (replaced.has(id) || replacing.has(id)) order.set(id, index);
  });
  for (const byProperty of merged.values())
    for (const [property, values] of byProperty) {
      if (values.length < 2 || propertySpec(property)?.ofEntry) continue;
      const gone = new Set<string>();
      for (const { entry } of values)
        for (const id of replacing.get(entry)?.replaces ?? [])
          if ((order.get(id) ?? Infinity) < order.get(entry)!) gone.add(id);
      if (gone.size > 0)
        byProperty.set(
          property,
          values.filter((fact) => !gone.has(fact.entry)),
        );
    }
}

function findConflicts(merged: MergedFacts): Conflict[] {
  const conflicts: Conflict[] = [];
  for (const [about, byProperty] of merged)
    for (const [property, values] of byProperty) {
      if (values.length < 2 || propertySpec(property)?.ofEntry) continue;
      const first = canonicalJson(values[0]!.value);
      if (values.some((fact) => canonicalJson(fact.value) !== first))
        conflicts.push({ about, property, facts: values });
    }
  return conflicts;
}
