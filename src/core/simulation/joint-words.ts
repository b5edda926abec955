import { jointsOf } from './network';
import type { SiteNetwork } from './site-network';
import { earth, joint } from './supply-branches';

/** "neutral of Main panel", "enclosure of Boat shed panel", "earth". */
export function jointWords(name: string, { feeds }: SiteNetwork): string {
  if (name === earth) return 'earth';
  const [thing, end] = name.split(':') as [string, string];
  const feed = feeds.find(({ id }) => id === thing);
  const part = end === 'N' ? 'neutral' : end === 'G' ? 'enclosure and grounds' : `leg ${end}`;
  return feed ? `${part} of ${feed.name}` : `${part} of the supply`;
}

/** Metal between which somebody could stand: enclosures with their grounds, neutrals, earth. */
export function metalThings(made: SiteNetwork): { joint: string; words: string }[] {
  const there = new Set(jointsOf(made.network));
  return [
    ...made.feeds.flatMap(({ id }) => [joint(id, 'G'), joint(id, 'N')]),
    ...made.feeds.filter(({ fromService }) => fromService).map(({ from }) => joint(from, 'N')),
    earth,
  ]
    .filter((name, index, all) => there.has(name) && all.indexOf(name) === index)
    .map((name) => ({ joint: name, words: jointWords(name, made) }));
}
