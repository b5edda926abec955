import * as v from 'valibot';
import type { Entry } from '../entries/entry';

const id = v.pipe(v.string(), v.regex(/^[A-Za-z0-9_-]{1,64}$/, 'an id'));
const author = v.strictObject({
  id,
  name: v.pipe(v.string(), v.maxLength(200)),
  licence: v.pipe(v.string(), v.maxLength(200)),
});

/** Who wrote something, by the word of the office or package that names them. */
export interface Writer {
  id: string;
  name: string;
  licence: string;
}

/**
 * Entries that came in a package: nobody of this office wrote or delivered them. Who wrote them stands by
 * that package's word alone.
 */
export interface Carried {
  /** SHA-256 of the package's document, hex. */
  package: string;
  /** The office that made it, as it calls itself. */
  office: string;
  /** Who brought it here. */
  by: { id: string; name: string };
  /** When, ISO 8601. */
  at: string;
  /** Authors as the package names them. */
  authors: Writer[];
  /** Ids of the entries. */
  entries: string[];
  /** What that package itself says came in others; null: it did not record it. */
  before: Carried[] | null;
}

/** From package to package: further back than any inspection has come. */
const mostHops = 6;

const carriedSchemaOf = (hops: number): v.GenericSchema<Carried> =>
  v.strictObject({
    package: v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/, 'a SHA-256 in hex')),
    office: v.pipe(v.string(), v.maxLength(200)),
    by: v.strictObject({ id, name: v.pipe(v.string(), v.maxLength(200)) }),
    at: v.pipe(v.string(), v.isoTimestamp('an ISO 8601 date and time')),
    authors: v.array(author),
    entries: v.array(id),
    before: v.nullable(hops > 0 ? v.array(carriedSchemaOf(hops - 1)) : v.pipe(v.array(v.never()))),
  }) as v.GenericSchema<Carried>;

/** One package that brought entries. */
export const carriedOneSchema = carriedSchemaOf(mostHops);

/** The part `carried` of a package; null where it was not recorded, as before version 3. */
export const carriedSchema = v.nullable(v.array(carriedOneSchema));

/** Figures of a digest that tell packages apart. */
const keyLength = 24;

/** What a package itself says came in others, as far back as is kept; further back it is not recorded. */
const cutOff = (carried: readonly Carried[] | null, hops: number): Carried[] | null =>
  hops === 0
    ? null
    : (carried?.map((one) => ({ ...one, before: cutOff(one.before, hops - 1) })) ?? null);

/** A package as it is remembered here: names no longer than any, hops no further back than is read again. */
export const rememberedAs = (
  brought: Omit<Carried, 'entries' | 'at'>,
): Omit<Carried, 'entries' | 'at'> => ({
  ...brought,
  office: brought.office.slice(0, 200),
  authors: brought.authors.map(({ id: own, name, licence }) => ({
    id: own,
    name: name.slice(0, 200),
    licence: licence.slice(0, 200),
  })),
  before: cutOff(brought.before, mostHops),
});

/** Entries as they are read, with everybody under a name of his own. */
export interface ReadAs {
  entries: Entry[];
  authors: Writer[];
}

/**
 * Whose word each entry is: authors of this office under their ids; those a package names under an id of
 * that package and with its office beside the name, so that nobody speaks under another's. Bodies stay
 * as they are: what is sealed, packed and stored is never this.
 */
export function readAs(
  entries: readonly Entry[],
  authors: readonly Writer[],
  carried: readonly Carried[] | null,
): ReadAs {
  if (!carried || carried.length === 0) return { entries: [...entries], authors: [...authors] };
  const named = new Map<string, Writer>();
  const writers = new Map<string, string>();
  for (const one of carried) writersIn(one, '', named, writers);
  const wrote = new Set<string>();
  const read = entries.map((entry) => {
    const key = writers.get(entry.id);
    const as = key === undefined ? entry.author : `${key}:${entry.author}`;
    wrote.add(as);
    return key === undefined ? entry : { ...entry, author: as };
  });
  return {
    entries: read,
    authors: [...authors, ...named.values()].filter(({ id }) => wrote.has(id)),
  };
}

/** Fills in, hop by hop, under which key the author of each entry stands: the first package that carried it names him. */
function writersIn(
  { package: digest, office, authors, entries, before }: Carried,
  within: string,
  named: Map<string, Writer>,
  writers: Map<string, string>,
): void {
  const own = digest.slice(0, keyLength);
  const key = within === '' ? own : `${within}.${own}`;
  for (const { id: wrote, name, licence } of authors)
    named.set(`${key}:${wrote}`, { id: `${key}:${wrote}`, name: `${name} of ${office}`, licence });
  for (const entry of entries) writers.set(entry, key);
  // A package speaks of what it brought, and of nothing else: whatever else it names is not its to name.
  const brought = new Set(entries);
  for (const one of before ?? [])
    writersIn(
      { ...one, entries: one.entries.filter((entry) => brought.has(entry)) },
      key,
      named,
      writers,
    );
}

/** Which package brought an entry here, if any did. */
export const broughtWith = (
  carried: readonly Carried[] | null,
  entry: string,
): Carried | undefined => carried?.find(({ entries }) => entries.includes(entry));
