import type { Thing } from '../../record/entries/inspection';
import type { FactReader } from '../../record/entries/fact-reader';
import { SupplyTree } from './tree';

/** An electrode or a pipe, tied to the supply; or a second supply that feeds into it. */
export interface Tie {
  thing: Thing;
  /** The disconnect or panel it is tied at; undefined: none of its building is known. */
  at: string | undefined;
  /** Whether where it is tied was recorded, or is where it belongs. */
  sure: boolean;
  /** seen: from end to end; unseen: out of sight or never looked; none: cut, broken or absent. */
  conductor: 'seen' | 'unseen' | 'none';
}

/** Electrodes, pipes and second supplies of the site with where they are tied, as they were recorded. */
export function tiesOf(things: readonly Thing[], reader: FactReader): Tie[] {
  const present = things.filter(({ id }) => !reader.value(id, 'removed'));
  const tree = new SupplyTree(reader);
  return present.flatMap((thing): Tie[] => {
    if (thing.type === 'electrode') {
      const state = reader.value(thing.id, 'electrodeConductor');
      return [
        {
          thing,
          ...homeOf(thing, present, tree),
          conductor:
            state === 'seen-to-end'
              ? 'seen'
              : state === 'cut' || state === 'absent'
                ? 'none'
                : 'unseen',
        },
      ];
    }
    if (thing.type === 'source') {
      const feeds = reader.value(thing.id, 'feeds');
      return [{ thing, at: feeds, sure: true, conductor: feeds ? 'seen' : 'unseen' }];
    }
    if (thing.type !== 'pipe') return [];
    const bonded = reader.value(thing.id, 'pipeBonded');
    const at = reader.value(thing.id, 'bondedAt');
    return [
      {
        thing,
        ...(at ? { at, sure: true } : homeOf(thing, present, tree)),
        conductor: bonded === 'bonded' ? 'seen' : bonded === undefined ? 'unseen' : 'none',
      },
    ];
  });
}

/** Where grounds of a building belong: its first disconnect, else its first panel. */
function homeOf(
  thing: Thing,
  present: readonly Thing[],
  tree: SupplyTree,
): Pick<Tie, 'at' | 'sure'> {
  const here = present.filter(
    (one) => (one.type === 'disconnect' || one.type === 'panel') && one.in === thing.in,
  );
  const first = here.find(
    ({ id, type }) =>
      tree.placeOf(id).place === 'first-disconnect' &&
      (type === 'panel' || tree.roleOf(id) === 'service'),
  );
  return { at: (first ?? here.find(({ type }) => type === 'panel'))?.id, sure: false };
}
