import type { Settings } from '@/core/codes/settings/settings';
import { canonicalJson } from '@/core/vocabulary/canonical';

/** Settings with the changes of two, or the parts both of them changed. */
export type Merged = { settings: Settings } | { both: string[] };

/**
 * What one changed, laid over what another saved meanwhile: part by part, where not both changed the same
 * one otherwise.
 */
export function mergeSettings(from: Settings, mine: Settings, theirs: Settings): Merged {
  const parts = Object.keys(from) as (keyof Settings)[];
  const same = (a: unknown, b: unknown) => canonicalJson(a) === canonicalJson(b);
  // Versions are counted by whoever keeps them.
  const own = ({ costBook: { version: _, ...book }, ...rest }: Settings) => ({
    ...rest,
    familiesVersion: 0,
    costBook: book,
  });
  const [was, my, their] = [own(from), own(mine), own(theirs)];
  const changed = parts.filter((part) => !same(was[part], my[part]));
  const both = changed.filter(
    (part) => !same(was[part], their[part]) && !same(my[part], their[part]),
  );
  return both.length > 0
    ? { both }
    : {
        settings: {
          ...theirs,
          ...Object.fromEntries(changed.map((part) => [part, mine[part]])),
        } as Settings,
      };
}
