import 'server-only';
import { LRUCache } from 'lru-cache';
import type { Followed } from '@/core';
import { follow } from '@/core';
import { orderEntries } from '@/core/record/entries/history';
import type { Entry } from '@/core/record/entries/entry';
import { judgeSeconds } from '../run/metrics';
import { fewEntries } from './figures';
import type { Settings } from '@/core/codes/settings/settings';

/** How many entries an inspection has, and how many of them came in packages. Entries are only added, so this names its state. */
export interface EntryCounts {
  entries: number;
  carried: number;
}

/** An inspection as it is assessed, with what it takes to go on from there. */
export interface FollowedOn {
  settings: Settings;
  followed: Followed;
}
interface Kept extends FollowedOn {
  counts: EntryCounts;
}

/** Those delivered to lately: what comes next is assessed from there, not from the beginning. */
const lately = new LRUCache<string, Kept>({
  max: 40,
  // Some 4 kB an entry: sixteen of the longest are held at once.
  maxSize: 8000,
  sizeCalculation: ({ counts }) => Math.max(1, counts.entries),
});

const same = (a: EntryCounts, b: EntryCounts) => a.entries === b.entries && a.carried === b.carried;

/** An inspection with entries more, where this process knows it as it stands in the store; else undefined. */
export function followedOn(
  key: string,
  before: EntryCounts,
  added: readonly Entry[],
): FollowedOn | undefined {
  const kept = lately.get(key);
  if (!kept || !same(kept.counts, before)) return undefined;
  const { settings, followed } = kept;
  return timed([...followed.entries, ...added], settings, followed);
}

/** A short inspection from its beginning; undefined: it is long. */
export const followedFromStart = (
  entries: readonly Entry[],
  settings: Settings,
): FollowedOn | undefined => (entries.length > fewEntries ? undefined : timed(entries, settings));

/** Kept once what was written is committed: before, nobody else would see it. */
export const keepFollowed = (key: string, counts: EntryCounts, followed: FollowedOn): void =>
  void lately.set(key, { counts, ...followed });

function timed(entries: readonly Entry[], settings: Settings, last?: Followed): FollowedOn {
  const judged = judgeSeconds.startTimer();
  const followed = follow(orderEntries(entries).ordered, settings, last);
  judged();
  return { settings, followed };
}
