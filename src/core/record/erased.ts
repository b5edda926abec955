import type { Entry } from './entries/entry';

/** Facts that name a client or somebody of his: what is removed on request. */
export const personalFacts = ['client', 'toldWhom', 'planBy', 'mendedBy'] as const;

/** Stands where something was removed. */
export const removedWords = '[removed on request]';

/** Shorter ones would be found inside other words. */
const shortest = 3;

/** A role such as "the owner" names nobody: cut out, sentences that must be read would lose their words. */
const isRole = (text: string): boolean =>
  /^[\p{Ll}-]+$/u.test(text) || !/\p{Lu}/u.test(text.replace(/^(The|A|An|Owner|Tenant)\b/u, ''));

/** "ada kettle": somebody who types all small letters names somebody too, where the fact is the client. */
const isName = (name: (typeof personalFacts)[number], text: string): boolean =>
  !isRole(text) ||
  (name === 'client' && /^[\p{Ll}-]+( [\p{Ll}-]+)+$/u.test(text) && !/^(the|a|an) /.test(text));

/** What the entries ever said in facts that name a client, as far as it names anybody; the longest first. */
export function personalTexts(entries: readonly Entry[]): string[] {
  const texts = entries.flatMap((entry) =>
    entry.kind === 'undo'
      ? []
      : personalFacts.flatMap((name) => {
          const value = entry.facts[name];
          if (typeof value !== 'string') return [];
          const text = value.trim();
          return text.length >= shortest && isName(name, text) ? text : [];
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

/** The same value with each of these texts marked as removed, wherever it stands in it as words of its own. Plain JSON. */
export function without<T>(value: T, texts: readonly string[]): T {
  const parts = texts.map(
    (text) => new RegExp(`(?<![\\p{L}\\p{N}])${literal(text)}(?![\\p{L}\\p{N}])`, 'gu'),
  );
  const words = (said: string) =>
    parts.reduce((rest, part) => rest.replace(part, removedWords), said);
  const walk = (one: unknown): unknown => {
    if (typeof one === 'string') return words(one);
    if (Array.isArray(one)) return one.map(walk);
    if (typeof one === 'object' && one !== null)
      return Object.fromEntries(Object.entries(one).map(([name, inside]) => [name, walk(inside)]));
    return one;
  };
  return walk(value) as T;
}

const literal = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
