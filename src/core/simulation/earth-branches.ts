import type { SiteView } from '../panel/site-view';
import type { Assuming } from './assumptions';
import type { Branch } from './network';
import type { Feed } from './supply-branches';
import { earth, joint } from './supply-branches';

const assumedOhm: Record<string, [number, string]> = {
  rod: [25, 'a driven rod that was not measured'],
  'water-pipe': [3, 'a water pipe in earth that was not measured'],
  encased: [5, 'a concrete-encased bar that was not measured'],
};
/** Ω of a screw or strap between neutral and enclosure. */
export const bondOhm = 0.0001;

/** Joints of neutral and enclosure, electrodes, and pipes tied to a panel. */
export function earthBranches(
  feeds: readonly Feed[],
  site: SiteView,
  assuming: Assuming,
): Branch[] {
  const { reader } = site;
  const branches: Branch[] = feeds.flatMap(({ id, name, fromService }) => {
    const bond = reader.value(id, 'bond');
    const recorded = bond === undefined ? undefined : bond !== 'none';
    const words = `neutral joined to enclosure at ${name}`;
    return assuming.closed(
      `bond:${id}`,
      `Neutral joined to enclosure at ${name}`,
      id,
      recorded,
      fromService,
    )
      ? [
          {
            id: `bond:${id}`,
            from: joint(id, 'N'),
            to: joint(id, 'G'),
            ohm: bondOhm,
            kind: 'bond' as const,
            words,
          },
        ]
      : [];
  });
  const present = [...reader.inspection.things.values()].filter(
    (thing) => !reader.value(thing.id, 'removed'),
  );
  for (const thing of present) {
    if (thing.type !== 'electrode') continue;
    const joined = reader.value(thing.id, 'electrodeJoined');
    const at = firstIn(thing.in, feeds, site);
    const name =
      reader.value(thing.id, 'name') ?? reader.value(thing.id, 'electrodeKind') ?? 'electrode';
    if (!at) continue;
    const there = joined === undefined ? undefined : joined === 'joined';
    if (!assuming.closed(`electrode:${thing.id}`, `Electrode, ${name}`, thing.id, there, true))
      continue;
    const [ohm, because] = assumedOhm[reader.value(thing.id, 'electrodeKind') ?? ''] ?? [
      25,
      'an electrode that was not measured',
    ];
    const measured = reader.value(thing.id, 'electrodeOhm');
    branches.push({
      id: `electrode:${thing.id}`,
      from: joint(at.id, 'G'),
      to: earth,
      ohm: assuming.value({
        id: `electrode:${thing.id}`,
        words: `Electrode, ${name}, to earth`,
        value: Math.max(measured ?? ohm, 0.01),
        unit: 'Ω',
        least: 0.01,
        most: 10_000,
        because: measured === undefined ? because : 'as measured',
        about: thing.id,
        recorded: measured !== undefined,
      }),
      kind: 'electrode',
      words: `electrode, ${name}`,
    });
  }
  return branches;
}

/** The first panel or disconnect of a building; of the site, the first of all. */
function firstIn(holder: string | null, feeds: readonly Feed[], site: SiteView): Feed | undefined {
  const { things } = site.reader.inspection;
  const building = (id: string) => things.get(id)?.in;
  return (
    feeds.find((feed) => building(feed.id) === holder && feed.fromService) ??
    feeds.find((feed) => building(feed.id) === holder) ??
    feeds.find((feed) => feed.fromService)
  );
}
