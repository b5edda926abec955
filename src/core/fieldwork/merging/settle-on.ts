import type { Entry } from '../../record/entries/entry';
import type { SiteView } from '../../installation/panel/site-view';
import type { Draft } from '../recording/draft';
import type { Contradiction } from './contradiction';
import { contradictionsOf } from './contradictions';
import { settle } from './settle';

/**
 * What settles a contradiction on one side of it, as it stands now: more may have been recorded since it was shown.
 * Nothing, where other hands settled it meanwhile.
 * @param shown as it was shown, and the side that was chosen of it
 */
export function settleOn(
  shown: Contradiction,
  side: number,
  site: SiteView,
  entries: readonly Entry[],
): readonly Draft[] | { message: string } {
  const now = contradictionsOf(site, entries).find(({ key }) => key === shown.key);
  if (!now) return [];
  const at = sideNow(shown, side, now);
  return (at < 0 ? undefined : settle(now, at, site, entries)) ?? changedMeanwhile;
}

/** Where the side that was chosen stands among the sides now. */
function sideNow(before: Contradiction, side: number, now: Contradiction): number {
  if (before.kind === 'taken-back' || now.kind === 'taken-back') return side;
  const said = (one: { facts: readonly { entry: string }[] }) =>
    one.facts.map(({ entry }) => entry);
  const chosen = new Set(before.sides[side] ? said(before.sides[side]) : []);
  return now.sides.findIndex((one) => said(one).some((entry) => chosen.has(entry)));
}

const changedMeanwhile = {
  message: 'More was recorded of it meanwhile: look again, then settle it. Nothing was recorded.',
};
