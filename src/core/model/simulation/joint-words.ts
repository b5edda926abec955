import { jointsOf } from './network';
import type { SiteNetwork } from './site-network';
import { earth, joint } from './supply-branches';

type Made = Pick<SiteNetwork, 'feeds' | 'network' | 'names'>;

/** "neutral of Main panel", "enclosure of Boat shed panel", "water pipe", "frame of the dryer", "earth". */
export function jointWords(name: string, { feeds, names }: Made): string {
  if (name === earth) return 'earth';
  const [thing, end] = name.split(':') as [string, string];
  if (end === 'P') return names.get(thing) ?? 'a pipe';
  if (end === 'F') return `frame of the ${names.get(thing) ?? 'appliance'}`;
  const feed = feeds.find(({ id }) => id === thing);
  const part = end === 'N' ? 'neutral' : end === 'G' ? 'enclosure and grounds' : `leg ${end}`;
  return feed ? `${part} of ${feed.name}` : `${part} of the supply`;
}

/** Joints of metal that people touch: enclosures with their grounds, pipes, frames of appliances. */
export const touchableJoints = ({ feeds, network }: Made): string[] => {
  const shells = jointsOf(network).filter((name) => name.endsWith(':P') || name.endsWith(':F'));
  const there = new Set(jointsOf(network));
  return [...feeds.map(({ id }) => joint(id, 'G')).filter((name) => there.has(name)), ...shells];
};

/** Metal between which somebody could stand: what people touch, neutrals, earth. */
export function metalThings(made: Made): { joint: string; words: string }[] {
  const there = new Set(jointsOf(made.network));
  return [
    ...touchableJoints(made),
    ...made.feeds.map(({ id }) => joint(id, 'N')),
    ...made.feeds.filter(({ fromService }) => fromService).map(({ from }) => joint(from, 'N')),
    earth,
  ]
    .filter((name, index, all) => there.has(name) && all.indexOf(name) === index)
    .map((name) => ({ joint: name, words: jointWords(name, made) }));
}
