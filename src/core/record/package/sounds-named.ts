import type { Entry } from '../entries/entry';

/** SHA-256 of every spoken note the entries name, each once, in order. */
export function soundsNamed(entries: readonly Entry[]): string[] {
  const named = new Set<string>();
  for (const entry of entries)
    if ('facts' in entry) {
      const { recording } = entry.facts as Record<string, unknown>;
      if (typeof recording === 'string') named.add(recording);
    }
  return [...named].sort();
}
