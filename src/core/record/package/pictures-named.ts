import type { Letterhead } from '../../codes/settings/letterhead';
import type { Entry } from '../entries/entry';

/** SHA-256 of every picture a package holds: of its entries, and the sign of the office. */
export const picturesOf = ({
  entries,
  letterhead,
}: {
  entries: readonly Entry[];
  /** Undefined: of a package of before. */
  letterhead?: Letterhead | null;
}): string[] => [
  ...new Set([...picturesNamed(entries), ...(letterhead?.logo ? [letterhead.logo.digest] : [])]),
];

/** SHA-256 of every picture the entries name, each once, in order. */
export function picturesNamed(entries: readonly Entry[]): string[] {
  const named = new Set<string>();
  for (const entry of entries)
    if ('facts' in entry) {
      const { digest } = entry.facts as Record<string, unknown>;
      if (typeof digest === 'string') named.add(digest);
    }
  return [...named].sort();
}
