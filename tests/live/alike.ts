import { expect } from '@jest/globals';
import { contradictionsOf } from '@/core/fieldwork/merging/contradictions';
import { readSite } from '@/core/installation/panel/site-view';
import type { Entry } from '@/core/record/entries/entry';
import { fold } from '@/core/record/entries/fold';
import { keepInspection } from '@/core/record/entries/kept';
import { contradictedByKnowledge } from './causal';

/** What a device has in the end, and what was made on it by what was known then. */
interface Ended {
  entries: readonly Entry[];
  made: ReadonlyMap<string, ReadonlySet<string>>;
}

export const ids = (entries: readonly Entry[]) => entries.map(({ id }) => id).sort();

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
  const inspection = JSON.stringify(keepInspection(fold(stored)));
  const contradictions = shown(stored);
  for (const { entries } of devices) {
    expect(ids(entries)).toEqual(ids(stored));
    expect(JSON.stringify(keepInspection(fold(entries)))).toBe(inspection);
    expect(shown(entries)).toEqual(contradictions);
  }
  const knowledge = new Map(devices.flatMap((device) => [...device.made]));
  const unplaced = new Set(fold(stored).unplaced.map(({ about }) => about));
  const keys = new Set(contradictions.map(([key]) => key as string));
  const wanted = [...contradictedByKnowledge(stored, knowledge)];
  expect(wanted.filter((key) => !unplaced.has(key.split('|')[0]!) && !keys.has(key))).toEqual([]);
  return keys.size;
}
