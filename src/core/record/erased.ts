import type { Entry } from './entries/entry';

/** Facts that name a client or somebody of his: what is removed on request. */
export const personalFacts = ['client', 'toldWhom', 'planBy', 'mendedBy'] as const;

/** Stands where something was removed. */
export const removedWords = '[removed on request]';

/** Shorter ones would be found inside other words. */
const shortest = 3;

/** What the entries ever said in facts that name a client, the longest first. */
export function personalTexts(entries: readonly Entry[]): string[] {
  const texts = entries.flatMap((entry) =>
    entry.kind === 'undo'
      ? []
      : personalFacts.flatMap((name) => {
          const value = entry.facts[name];
          return typeof value === 'string' && value.trim().length >= shortest ? value.trim() : [];
        }),
  );
  return [...new Set(texts)].sort((a, b) => b.length - a.length || (a < b ? -1 : 1));
}

/** Entries as they are shown after that: what named the client is marked as removed, nothing else is touched. */
export const entriesWithout = (entries: readonly Entry[]): Entry[] =>
  entries.map((entry) => {
    if (entry.kind === 'undo') return entry;
    const named = personalFacts.filter((name) => typeof entry.facts[name] === 'string');
    if (named.length === 0) return entry;
    const facts = {
      ...entry.facts,
      ...Object.fromEntries(named.map((name) => [name, removedWords])),
    };
    return { ...entry, facts };
  });

/** The same value with each of these texts marked as removed, wherever it stands in it. Plain JSON. */
export function without<T>(value: T, texts: readonly string[]): T {
  const words = (said: string) =>
    texts.reduce((rest, text) => rest.replaceAll(text, removedWords), said);
  const walk = (one: unknown): unknown => {
    if (typeof one === 'string') return words(one);
    if (Array.isArray(one)) return one.map(walk);
    if (typeof one === 'object' && one !== null)
      return Object.fromEntries(Object.entries(one).map(([name, inside]) => [name, walk(inside)]));
    return one;
  };
  return walk(value) as T;
}
