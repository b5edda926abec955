import type { InspectionPackage } from './package';
import { canonicalJson } from '../../vocabulary/canonical';

/** What was sealed, part by part, so that a change can be named. It is beside the package, not in its digest. */
export interface Seal {
  format: 'east-gate-seal';
  version: 1;
  /** SHA-256 over the canonical package, hex: what is printed. */
  digest: string;
  /** SHA-256 of each part of the package but its entries. */
  parts: Record<string, string>;
  /** SHA-256 of each entry, by its id. */
  entries: Record<string, string>;
}

type Hash = (text: string) => string;

/** Seals a package. @param sha256 hex of a text */
export function sealOf(document: InspectionPackage, sha256: Hash): Seal {
  const { entries, ...parts } = document;
  return {
    format: 'east-gate-seal',
    version: 1,
    digest: sha256(canonicalJson(document)),
    parts: Object.fromEntries(
      Object.entries(parts).map(([name, value]) => [name, sha256(canonicalJson(value))]),
    ),
    entries: Object.fromEntries(entries.map((entry) => [entry.id, sha256(canonicalJson(entry))])),
  };
}

export type Verified =
  | { answer: 'true'; digest: string }
  /** Each difference with its place. */
  | { answer: 'differs'; digest: string; differences: string[] };

/**
 * Holds the text of a package against the digest printed on the report; where they differ the seal
 * tells which part or entry it is.
 */
export function verifyText(
  text: string,
  printed: string,
  seal: Seal | undefined,
  sha256: Hash,
): Verified {
  const digest = sha256(text);
  if (digest === printed.trim().toLowerCase()) return { answer: 'true', digest };
  const differs = (...differences: string[]): Verified => ({
    answer: 'differs',
    digest,
    differences,
  });
  let document: InspectionPackage;
  try {
    document = JSON.parse(text) as InspectionPackage;
  } catch (error) {
    return differs(
      `inspection.json is broken: ${error instanceof Error ? error.message : 'no JSON'}`,
    );
  }
  if (!seal) return differs('the package is not the one sealed; it carries no seal to say where');
  if (seal.digest !== printed.trim().toLowerCase())
    return differs('the seal beside the package is of another report, or was changed');
  return differs(...differencesFrom(document, seal, sha256, text));
}

function differencesFrom(
  document: InspectionPackage,
  seal: Seal,
  sha256: Hash,
  text: string,
): string[] {
  const now = sealOf(
    { ...document, entries: Array.isArray(document.entries) ? document.entries : [] },
    sha256,
  );
  const found: string[] = [];
  for (const name of new Set([...Object.keys(seal.parts), ...Object.keys(now.parts)]))
    if (seal.parts[name] !== now.parts[name])
      found.push(
        seal.parts[name] === undefined
          ? `${name} was added`
          : now.parts[name] === undefined
            ? `${name} is missing`
            : `${name} was changed`,
      );
  for (const [id, hash] of Object.entries(seal.entries))
    if (now.entries[id] === undefined) found.push(`entry ${id} is missing`);
    else if (now.entries[id] !== hash) found.push(`entry ${id} was changed`);
  for (const id of Object.keys(now.entries))
    if (seal.entries[id] === undefined) found.push(`entry ${id} was added`);
  if (found.length === 0)
    found.push(
      text === canonicalJson(document)
        ? 'the order of the entries was changed'
        : 'the same facts, written in another way: spaces or order of keys',
    );
  return found;
}
