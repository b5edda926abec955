import * as v from 'valibot';
import type { AddEntry, Json, ObserveEntry } from './entry';
import type { Fact, Unplaced } from './inspection';
import { propertySpec } from './properties';
import type { PropertySpec } from './properties';
import type { Subject } from './thing-types';

interface Said {
  subject: Subject;
  /** By property, one fact each. */
  facts: ReadonlyMap<string, readonly Fact[]>;
  properties: readonly string[];
  /** Facts that cannot be said of the subject. */
  unplaced: readonly Unplaced[];
}

/** An entry never changes, so what was read from it once is kept with it. */
const read = new WeakMap<AddEntry | ObserveEntry, Said>();

/** The facts an entry states about its subject, each checked against its property. */
export function factsOfEntry(
  entry: AddEntry | ObserveEntry,
  about: string,
  subject: Subject,
): Said {
  const known = read.get(entry);
  if (known?.subject === subject) return known;
  const { certainty, author, at } = entry;
  const facts = new Map<string, readonly Fact[]>();
  const unplaced: Unplaced[] = [];
  for (const [property, value] of Object.entries(entry.facts)) {
    const fault = factFault(property, subject, value);
    if (fault) unplaced.push({ entry: entry.id, about, property, reason: fault });
    else facts.set(property, [{ about, property, value, certainty, entry: entry.id, author, at }]);
  }
  const said = { subject, facts, properties: [...facts.keys()], unplaced };
  read.set(entry, said);
  return said;
}

/** Why this value cannot be said of this subject, or undefined. */
function factFault(property: string, subject: Subject, value: Json): string | undefined {
  const spec = propertySpec(property);
  if (!spec) return `nothing is known as ${property}`;
  if (!spec.on.includes(subject)) return `${property} cannot be said of a ${subject}`;
  if (typeof value === 'object' || typeof value === 'string') return valueFault(spec, value);
  // Yes, no and the numbers of a panel come again and again.
  let answers = answered.get(spec);
  if (!answers) answered.set(spec, (answers = new Map()));
  const known = answers.get(value);
  if (known !== undefined) return known || undefined;
  const fault = valueFault(spec, value) ?? '';
  if (answers.size < 500) answers.set(value, fault);
  return fault || undefined;
}

/** What was answered of a value before, by property: empty, it is possible. */
const answered = new WeakMap<PropertySpec, Map<number | boolean, string>>();

function valueFault(spec: PropertySpec, value: Json): string | undefined {
  const parsed = v.safeParse(spec.schema, value);
  return parsed.success
    ? undefined
    : `${spec.label}: ${parsed.issues[0].message ?? 'not a possible value'}`;
}
