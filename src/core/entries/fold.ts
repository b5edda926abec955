import * as v from 'valibot';
import { canonicalJson } from '../formats/canonical';
import type { AddEntry, Entry, Json, ObserveEntry } from './entry';
import { orderEntries, withUndone } from './history';
import type { Conflict, Fact, Inspection, Thing, Unplaced } from './inspection';
import { propertySpec } from './properties';
import type { Subject } from './thing-types';
import { isThingType, partSubject, splitRef, thingTypes } from './thing-types';

/**
 * What the entries say. Total: whatever cannot be placed is listed, never thrown away.
 * Independent of the order and repetition of the entries.
 */
export function fold(entries: readonly Entry[]): Inspection {
  const { ordered, doubled } = orderEntries(entries);
  const history = withUndone(ordered);
  const live = history.filter((item) => !item.undone).map((item) => item.entry);
  const unplaced: Unplaced[] = doubled.map((entry) => ({
    entry: entry.id,
    about: subjectOf(entry),
    reason: 'another entry has the same id',
  }));
  const actions = new Set(ordered.map((entry) => entry.action));
  for (const entry of live)
    if (entry.kind === 'undo' && !actions.has(entry.undoes))
      unplaced.push({
        entry: entry.id,
        about: entry.undoes,
        reason: 'undoes an action that is not here',
      });

  const things = declareThings(live, unplaced);
  const facts = gatherFacts(live, things, unplaced);
  dropReplaced(facts, live);
  return { things, facts, unplaced, conflicts: findConflicts(facts) };
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
    pending.add(id);
    const fault = placementFault(entry, entry.in === null ? null : settle(entry.in));
    pending.delete(id);
    if (fault || !isThingType(entry.type)) {
      faults.set(id, fault ?? 'of an unknown type');
      return undefined;
    }
    const thing = { id, type: entry.type, in: entry.in, entry: entry.id };
    things.set(id, thing);
    return thing;
  };
  for (const [id, entry] of declared)
    if (!settle(id))
      unplaced.push({ entry: entry.id, about: id, reason: faults.get(id) ?? 'stands in itself' });
  return things;
}

function placementFault(entry: AddEntry, parent: Thing | null | undefined): string | undefined {
  if (!isThingType(entry.type)) return `of an unknown type, ${entry.type}`;
  if (parent === undefined) return `what it stands in is not here: ${entry.in}`;
  const allowed: readonly (string | null)[] = thingTypes[entry.type].in;
  return allowed.includes(parent?.type ?? null)
    ? undefined
    : `a ${entry.type} cannot stand in ${parent ? `a ${parent.type}` : 'nothing'}`;
}

type FactMap = Map<string, Map<string, Fact[]>>;

function gatherFacts(
  live: readonly Entry[],
  things: Map<string, Thing>,
  unplaced: Unplaced[],
): FactMap {
  const facts: FactMap = new Map();
  for (const entry of live) {
    if (entry.kind === 'undo') continue;
    const about = subjectOf(entry);
    const { thing: id, part } = splitRef(about);
    const thing = things.get(id);
    if (!thing || (entry.kind === 'add' && thing.entry !== entry.id)) {
      if (entry.kind === 'observe')
        unplaced.push({ entry: entry.id, about, reason: 'what it is about is not here' });
      continue;
    }
    const subject = part === undefined ? thing.type : partSubject(thing.type, part);
    if (!subject) {
      unplaced.push({ entry: entry.id, about, reason: `a ${thing.type} has no part ${part}` });
      continue;
    }
    const byProperty = facts.get(about) ?? new Map<string, Fact[]>();
    facts.set(about, byProperty);
    keepFacts(entry, about, subject, byProperty, unplaced);
  }
  return facts;
}

function keepFacts(
  entry: AddEntry | ObserveEntry,
  about: string,
  subject: Subject,
  byProperty: Map<string, Fact[]>,
  unplaced: Unplaced[],
): void {
  for (const property in entry.facts) {
    const value = entry.facts[property]!;
    const fault = factFault(property, subject, value);
    if (fault) {
      unplaced.push({ entry: entry.id, about, property, reason: fault });
      continue;
    }
    const fact: Fact = {
      about,
      property,
      value,
      certainty: entry.certainty,
      entry: entry.id,
      author: entry.author,
      at: entry.at,
    };
    const known = byProperty.get(property);
    if (known) known.push(fact);
    else byProperty.set(property, [fact]);
  }
}

/** Why this value cannot be said of this subject, or undefined. */
export function factFault(
  property: string,
  subject: Subject,
  value: Json | undefined,
): string | undefined {
  const spec = propertySpec(property);
  if (!spec) return `nothing is known as ${property}`;
  if (!spec.on.includes(subject)) return `${property} cannot be said of a ${subject}`;
  if (v.is(spec.schema, value)) return undefined;
  const issue = v.safeParse(spec.schema, value).issues?.[0];
  return `${spec.label}: ${issue?.message ?? 'not a possible value'}`;
}

/** A value stands until a later entry about the same thing and property names its entry as replaced. */
function dropReplaced(facts: FactMap, live: readonly Entry[]): void {
  const place = new Map(live.map((entry, index) => [entry.id, index]));
  const replacedBy = new Map(
    live.flatMap((entry) =>
      entry.kind === 'observe' && entry.replaces.length > 0 ? [[entry.id, entry.replaces]] : [],
    ) as [string, string[]][],
  );
  if (replacedBy.size === 0) return;
  for (const byProperty of facts.values())
    for (const [property, values] of byProperty) {
      if (values.length < 2) continue;
      const gone = new Set<string>();
      for (const fact of values)
        for (const id of replacedBy.get(fact.entry) ?? [])
          if ((place.get(id) ?? Infinity) < place.get(fact.entry)!) gone.add(id);
      if (gone.size > 0)
        byProperty.set(
          property,
          values.filter((fact) => !gone.has(fact.entry)),
        );
    }
}

function findConflicts(facts: FactMap): Conflict[] {
  const conflicts: Conflict[] = [];
  for (const [about, byProperty] of facts)
    for (const [property, values] of byProperty) {
      if (values.length < 2) continue;
      const first = canonicalJson(values[0]!.value);
      if (values.some((fact) => canonicalJson(fact.value) !== first))
        conflicts.push({ about, property, facts: values });
    }
  return conflicts;
}
