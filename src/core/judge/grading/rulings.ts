import type { Fact } from '../../record/entries/inspection';
import type { FactReader } from '../../record/entries/fact-reader';
import { keyToday } from '../../installation/panel/standing-in';
import type { Grade } from '../../vocabulary/grade';

/** An inspector's word on one finding, beside what was computed. */
export interface Ruling {
  id: string;
  overruledTo: Fact<Grade> | undefined;
  reason: string | undefined;
  madeSafe: Fact<string> | undefined;
  mergedInto: string | undefined;
  reportPlace: number | undefined;
  /** Split off from findings like it. */
  apart: boolean;
}

/** Rulings by the key of their finding; of several on one finding the last recorded. */
export function readRulings(reader: FactReader): ReadonlyMap<string, Ruling> {
  const rulings = new Map<string, Ruling>();
  for (const thing of reader.inspection.things.values()) {
    if (thing.type !== 'ruling' || reader.value(thing.id, 'removed')) continue;
    const finding = reader.value(thing.id, 'finding');
    if (!finding) continue;
    const to = reader.fact(thing.id, 'overruledTo');
    const into = reader.value(thing.id, 'mergedInto') ?? undefined;
    rulings.set(keyToday(reader, finding), {
      id: thing.id,
      overruledTo: to && to.value !== null ? (to as Fact<Grade>) : undefined,
      reason: reader.value(thing.id, 'overruleReason'),
      madeSafe: reader.fact(thing.id, 'madeSafeHow'),
      mergedInto: into === undefined ? undefined : keyToday(reader, into),
      reportPlace: reader.value(thing.id, 'reportPlace') ?? undefined,
      apart: reader.value(thing.id, 'toldApart') ?? false,
    });
  }
  return rulings;
}
