import pg from 'pg';

/**
 * A query with its values written into it, so that it can go along with others as one text; undefined where a
 * value is none that can be written so (lists, objects, long texts, texts with a zero). Every parameter says its
 * type in the query.
 * @example ("select $1::text", ["it's"]) gives "select 'it''s'::text"
 */
export function withLiterals(text: string, values: readonly unknown[]): string | undefined {
  const literals = values.map(literalOf);
  if (literals.includes(undefined)) return undefined;
  return text.replaceAll(/\$(\d+)/g, (_, nth: string) => literals[Number(nth) - 1]!);
}

/** Characters; writing a longer text in, letter by letter, takes longer than a round trip of its own. */
const longest = 20_000;

function literalOf(value: unknown): string | undefined {
  if (value === null || value === undefined) return 'null';
  // A text is sent up to its first zero: what has one is sent beside the query, and refused there.
  if (typeof value === 'string')
    return value.length > longest || value.includes('\0') ? undefined : pg.escapeLiteral(value);
  if (typeof value === 'boolean') return String(value);
  // In brackets: a minus would bind weaker than the cast behind it.
  if (typeof value === 'number' && Number.isFinite(value)) return `(${value})`;
  if (value instanceof Date) return pg.escapeLiteral(value.toISOString());
  if (Buffer.isBuffer(value)) return `'\\x${value.toString('hex')}'`;
  return undefined;
}
