import type { SiteView } from '../../installation/panel/site-view';
import type { Assuming } from './assumptions';
import type { Branch } from './network';
import { runOhm } from '../../codes/yardstick/conductor-ohm';
import type { Feed, Making } from './supply-branches';
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
  const making = { assuming };
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
  for (const thing of present)
    if (thing.type === 'pipe') branches.push(...pipeBranches(thing.id, feeds, site, making));
  for (const { id, name } of feeds) {
    const other = feeds.find((feed) => feed.id === reader.value(id, 'groundsMeet'));
    if (!other || other.id === id) continue;
    branches.push({
      id: `meet:${id}`,
      from: joint(id, 'G'),
      to: joint(other.id, 'G'),
      ohm: assuming.value({
        id: `meet:${id}`,
        words: `Metal between the grounds of ${name} and ${other.name}`,
        value: 0.01,
        unit: 'Ω',
        least: 0.0001,
        most: 100,
        because: 'metal that joins them was not measured',
        about: id,
      }),
      kind: 'pipe',
      words: `metal between ${name} and ${other.name}`,
    });
  }
  return branches;
}

/** Metal run from the entry to where the pipe is tied, m, where nobody measured it. */
const pipeRunM = 10;

/**
 * A metal pipe: tied to the grounds of a panel, and, where it is one with the water pipe that serves
 * as an electrode or is tied at the first disconnect too, a way between the two.
 */
function pipeBranches(
  id: string,
  feeds: readonly Feed[],
  site: SiteView,
  { assuming }: Pick<Making, 'assuming'>,
): Branch[] {
  const { reader } = site;
  const kind = reader.value(id, 'pipeKind') ?? 'water';
  const bonded = reader.value(id, 'pipeBonded');
  const at = feeds.find((feed) => feed.id === reader.value(id, 'bondedAt'));
  if (!at || bonded === 'not-bonded') return [];
  const name = reader.value(id, 'name') ?? pipeWords[kind];
  const branches: Branch[] = [
    {
      id: `tie:${id}`,
      from: joint(at.id, 'G'),
      to: joint(id, 'P'),
      ohm: bondOhm,
      kind: 'bond',
      words: `bond of the ${name} at ${at.name}`,
    },
  ];
  const holder = reader.inspection.things.get(id)?.in ?? null;
  const first = firstIn(holder, feeds, site);
  if (!first || first.id === at.id) return branches;
  const through = assuming.closed(
    `through:${id}`,
    `The ${name} goes on to ${first.name}`,
    id,
    bonded === 'broken' ? false : undefined,
    kind === 'water',
  );
  if (through)
    branches.push({
      id: `through:${id}`,
      from: joint(id, 'P'),
      to: joint(first.id, 'G'),
      ohm: runOhm(
        assuming.value({
          id: `through:${id}`,
          words: `The ${name}`,
          value: 0.07,
          unit: 'Ω per 1000 ft',
          least: 0.001,
          most: 50,
          because: `¾ in copper pipe, ${pipeRunM} m of it`,
          about: id,
        }),
        pipeRunM * 1000,
      ),
      kind: 'pipe',
      words: name,
    });
  return branches;
}

const pipeWords = {
  water: 'water pipe',
  gas: 'gas pipe',
  csst: 'gas tubing',
  drain: 'drain',
} as const;

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
