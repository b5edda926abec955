import canonicalize from 'canonicalize';

/** Canonical JSON text by RFC 8785. Throws on what JSON cannot hold. */
export function canonicalJson(value: unknown): string {
  const text = canonicalize(value);
  if (text === undefined) throw new Error('Only JSON values have canonical text');
  return text;
}
