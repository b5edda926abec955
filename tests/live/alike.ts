import { expect } from '@jest/globals';
import { contradictionsOf } from '@/core/fieldwork/merging/contradictions';
import { readSite } from '@/core/installation/panel/site-view';
import type { Entry } from '@/core/record/entries/entry';
import { fold } from '@/core/record/entries/fold';
import { canonicalJson } from '@/core/vocabulary/canonical';
import { contradictedByKnowledge } from './causal';

/** What a device has in the end, and what was made on it by what was known then. */
interface Ended {
  entries: readonly Entry[];
  made: ReadonlyMap<string, ReadonlySet<string>>;
}

export const ids = (entries: readonly Entry[]) => entries.map(({ id }) => id).sort();

/** What the entries say, in one order: a database gives the facts of an entry back in an order of its own. */
const said = (entries: readonly Entry[]) => {
  const { things, facts, recorded, unplaced } = fold(entries);
  return canonicalJson({
    things: Object.fromEntries(things),
    facts: Object.fromEntries(
      [...facts].map(([about, values]) => [about, Object.fromEntries(values)]),
    ),
    recorded: [...recorded].sort(),
    unplaced: unplaced.map((one) => canonicalJson(one)).sort(),
  });
};

const shown = (entries: readonly Entry[]) =>
  contradictionsOf(readSite(fold(entries)), entries).map((one) => [
    one.key,
    'sides' in one ? one.sides.map(({ facts }) => facts.map(({ entry }) => entry)) : [],
  ]);

/**
 * All that was made is stored, each once; every device has all of it and reads it the same; every contradiction is
 * shown on each. Gives how many are.
 * @param stored what the server has
 */
export function expectAlike(
  devices: readonly Ended[],
  start: readonly Entry[],
  stored: readonly Entry[],
): number {
  const made = devices.flatMap((device) => [...device.made.keys()]);
  expect(ids(stored)).toEqual([...ids(start), ...made].sort());
  const inspection = said(stored);
  const contradictions = shown(stored);
  for (const { entries } of devices) {
    expect(ids(entries)).toEqual(ids(stored));
    expect(said(entries)).toBe(inspection);
    expect(shown(entries)).toEqual(contradictions);
  }
  const knowledge = new Map(devices.flatMap((device) => [...device.made]));
  const unplaced = new Set(fold(stored).unplaced.map(({ about }) => about));
  const keys = new Set(contradictions.map(([key]) => key as string));
  const wanted = [...contradictedByKnowledge(stored, knowledge)];
  expect(wanted.filter((key) => !unplaced.has(key.split('|')[0]!) && !keys.has(key))).toEqual([]);
  return keys.size;
}
