import { canonicalJson } from '../../vocabulary/canonical';
import type { Entry } from './entry';
import { compareEntries } from './entry';
import { factsOfEntry } from './facts-of-entry';
import type { Fact, Inspection } from './inspection';
import { propertySpec } from './properties';
import { touchesTakenAway } from './taken-away';
import { partSubject } from './thing-types';

/** What the entries say now, and which properties changed. */
export interface Extended {
  inspection: Inspection;
  changed: ReadonlySet<string>;
  /** The same by thing, `about|property`; `|property` where it was never recorded before. */
  changedAt: ReadonlySet<string>;
}

/**
 * What entries say that stand at the end of those already put together: the same as putting all
 * together anew, where the new ones are plain observations without contradiction. Undefined in any
 * other case.
 */
export function extend(
  known: Inspection,
  before: readonly Entry[],
  now: readonly Entry[],
): Extended | undefined {
  if (known.unplaced.length > 0 || known.conflicts.length > 0) return undefined;
  if (now.length < before.length || before.length === 0) return undefined;
  for (let index = 0; index < before.length; index += 1)
    if (before[index] !== now[index]) return undefined;
  const facts = new Map(known.facts);
  const changed = new Set<string>();
  const changedAt = new Set<string>();
  for (let index = before.length; index < now.length; index += 1) {
    const entry = now[index]!;
    if (entry.kind !== 'observe' || compareEntries(now[index - 1]!, entry) >= 0) return undefined;
    const { about, replaces, id } = entry;
    const slash = about.indexOf('/');
    const thing = known.things.get(slash < 0 ? about : about.slice(0, slash));
    const subject =
      thing && (slash < 0 ? thing.type : partSubject(thing.type, about.slice(slash + 1)));
    if (!subject || now.some((one, at) => at < index && one.id === id)) return undefined;
    if (touchesTakenAway(facts, about, entry.facts)) return undefined;
    const said = factsOfEntry(entry, about, subject);
    if (said.unplaced.length > 0) return undefined;
    const own = new Map(facts.get(about));
    for (const [property, values] of said.facts) {
      const standing = own.get(property) ?? [];
      const ofEntry = propertySpec(property)?.ofEntry;
      const left = ofEntry ? standing : standing.filter((fact) => !replaces.includes(fact.entry));
      const all = [...left, ...values];
      if (!ofEntry && contradict(all)) return undefined;
      own.set(property, all);
      changed.add(property);
      changedAt.add(`${about}|${property}`);
    }
    facts.set(about, own);
  }
  const fresh = [...changed].filter((property) => !known.recorded.has(property));
  const recorded = fresh.length > 0 ? new Set([...known.recorded, ...fresh]) : known.recorded;
  for (const property of fresh) changedAt.add(`|${property}`);
  return { inspection: { ...known, facts, recorded }, changed, changedAt };
}

function contradict(facts: readonly Fact[]): boolean {
  if (facts.length < 2) return false;
  const first = canonicalJson(facts[0]!.value);
  return facts.some((fact) => canonicalJson(fact.value) !== first);
}
