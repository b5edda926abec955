import * as v from 'valibot';
import type { Entry } from '../entries/entry';
import { parseEntry } from '../entries/versions';
import type { Writer } from './carried';

/** What arrived at an inspection, for a device that has it up to a place in the order of arrival. */
export interface News {
  /** It has all up to here; 0: nothing. */
  from: number;
  /** With these it has all up to here. */
  arrived: number;
  /** In the order they arrived. */
  entries: Entry[];
  /** Who wrote them. */
  authors: Writer[];
  /** What it has is not as it was sent any more: the whole is to be asked for anew. */
  again?: true;
}

const place = v.pipe(v.number(), v.integer(), v.minValue(0));
const newsSchema = v.object({
  from: place,
  arrived: place,
  entries: v.array(v.unknown()),
  authors: v.array(v.object({ id: v.string(), name: v.string(), licence: v.string() })),
  again: v.optional(v.literal(true)),
});

/** News as they were sent; undefined: they are none, or hold an entry that cannot be read. */
export function readNews(raw: unknown): News | undefined {
  const news = v.safeParse(newsSchema, raw);
  if (!news.success) return undefined;
  const parsed = news.output.entries.map((entry) => parseEntry(entry));
  const { from, arrived, authors, again } = news.output;
  return parsed.every((one) => one.ok)
    ? { from, arrived, entries: parsed.map(({ value }) => value), authors, ...(again && { again }) }
    : undefined;
}
