import { SupplyTree } from '../../installation/supply/tree';
import type { PanelView } from '../../installation/panel/views';
import type { ThingPlace } from './around';
import type { Scene, Want } from './rule';
import { want } from './rule';

/** What would tell where a panel stands in the supply. */
export const wantsPlace = ({ id, supply }: PanelView): Want =>
  supply.unsureOf
    ? want(
        supply.unsureOf,
        'disconnectRole',
        'read whether the disconnect ahead of it is service equipment',
      )
    : want(id, 'fedFrom', 'find what feeds this panel');

/** A disconnect outside the panels, with whether it is the first of its supply. */
export interface DisconnectPlace extends ThingPlace {
  disconnect: 'first' | 'not-first' | 'unsure';
}

/**
 * Disconnects of this panel's share that stand in a supply: one that is service equipment is asked
 * what a panel is asked.
 */
export function disconnectPlaces({ around, site: { reader, panels } }: Scene): DisconnectPlace[] {
  const supply = new SupplyTree(reader);
  const hungOn = new Set(panels.flatMap(({ id }) => supply.wayUp(id).map(({ thing }) => thing.id)));
  const standing = around.disconnects.filter(
    ({ ref }) => hungOn.has(ref) || reader.fact(ref, 'fedFrom'),
  );
  return standing.map((place) => {
    const role = supply.roleOf(place.ref);
    const stands = supply.placeOf(place.ref).place;
    const disconnect =
      role === undefined
        ? 'unsure'
        : role === 'service' && stands !== 'downstream'
          ? 'first'
          : 'not-first';
    return { ...place, disconnect };
  });
}

/** What would tell whether a disconnect is the first. */
export const wantsRole = ({ ref }: DisconnectPlace): Want =>
  want(ref, 'disconnectRole', 'read whether this disconnect is service equipment');
