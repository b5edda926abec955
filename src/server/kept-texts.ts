import { LRUCache } from 'lru-cache';

/** Most characters of one kind that are kept. */
const mostKept = 48 * 1024 * 1024;

/** Texts sent lately, by what they follow from: the one asked for longest ago leaves first. */
export const keptTexts = () =>
  new LRUCache<string, string>({ maxSize: mostKept, sizeCalculation: (text) => text.length });
