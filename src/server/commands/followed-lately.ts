import 'server-only';
import { LRUCache } from 'lru-cache';
import type { Followed } from '@/core';
import { follow } from '@/core';
import { orderEntries } from '@/core/record/entries/history';
import type { Entry } from '@/core/record/entries/entry';
import type { Settings } from '@/core/codes/settings/settings';

/** How many entries an inspection has, and how many of them came in packages. Entries are only added, so this names its state. */
export interface EntryCounts {
  entries: number;
  carried: number;
}

/** An inspection as this process assessed it last. */
interface Kept {
  counts: EntryCounts;
  settings: Settings;
  followed: Followed;
}

/** Those delivered to lately: what comes next is assessed from there, not from the beginning. */
const lately = new LRUCache<string, Kept>({ max: 40 });
/** Longer ones are assessed in a thread of their own the first time. */
const mostFromStart = 60;

const same = (a: EntryCounts, b: EntryCounts) => a.entries === b.entries && a.carried === b.carried;

/** An inspection with entries more, where this process knows it as it stands in the store; else undefined. */
export function followedOn(
  key: string,
  before: EntryCounts,
  added: readonly Entry[],
): Omit<Kept, 'counts'> | undefined {
  const kept = lately.get(key);
  if (!kept || !same(kept.counts, before)) return undefined;
  const { settings, followed } = kept;
  const { ordered } = orderEntries([...followed.entries, ...added]);
  return { settings, followed: follow(ordered, settings, followed) };
}

/** A short inspection from its beginning; undefined: it is long. */
export const followedFromStart = (
  entries: readonly Entry[],
  settings: Settings,
): Omit<Kept, 'counts'> | undefined =>
  entries.length > mostFromStart
    ? undefined
    : { settings, followed: follow(orderEntries(entries).ordered, settings) };

/** Kept once what was written is committed: before, nobody else would see it. */
export const keepFollowed = (
  key: string,
  counts: EntryCounts,
  followed: Omit<Kept, 'counts'>,
): void => void lately.set(key, { counts, ...followed });
