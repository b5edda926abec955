import type { SiteView } from '../panel/site-view';
import type { Settings } from '../../codes/settings/settings';
import type { Trait } from '../../codes/families/family';
import { traitNames } from '../../codes/families/family';
import type { NextLook, RankedFamily, Seen } from './likelihood';
import { nextLook, rankFamilies } from './likelihood';

export interface PanelFamilies {
  ranked: RankedFamily[];
  next: NextLook | undefined;
  /** Traits recorded of the panel. */
  seen: Seen;
}

/** What family a panel is likely of, by the traits recorded on the walk. */
export function panelFamilies(
  { reader }: SiteView,
  panel: string,
  { families }: Pick<Settings, 'families'>,
): PanelFamilies {
  const seen: Seen = {};
  for (const trait of traitNames as readonly Trait[]) {
    const value = reader.value(panel, trait);
    if (value !== undefined) seen[trait] = value;
  }
  const year = reader.value(panel, 'yearBuilt');
  return {
    ranked: rankFamilies(families, seen, year),
    next: nextLook(families, seen, year),
    seen,
  };
}
