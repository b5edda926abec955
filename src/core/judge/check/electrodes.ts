import type { Fact } from '../../record/entries/inspection';
import type { PropertyValue } from '../../record/entries/properties';
import type { Place } from './place';
import type { Scene } from './rule';

export interface Electrode {
  id: string;
  label: string;
  kind: Fact<PropertyValue<'electrodeKind'>> | undefined;
}

/** Electrodes recorded for a building; those of the site count for the panel's own building. */
export function electrodesOf(
  { around, panel, site: { reader } }: Scene,
  building: string,
): Electrode[] {
  return around.electrodes
    .filter(
      ({ thing }) =>
        thing.in === building ||
        (thing.in !== null && thing.in === site(around) && building === panel.building),
    )
    .map(({ ref, label }) => ({ id: ref, label, kind: reader.fact(ref, 'electrodeKind') }));
}

const site = (around: Scene['around']) => around.buildings[0]?.thing.in;

/** The electrodes of each building, as one place. */
export const electrodePlaces = ({ around }: Scene): Place[] =>
  around.buildings.map((place) => ({ ...place, label: 'Electrodes' }));

/** The count of all electrodes there, where the record holds all of them. */
export function countedElectrodes(
  { site: { reader } }: Scene,
  building: string,
  recorded: readonly Electrode[],
): Fact<number> | undefined {
  const count = reader.fact(building, 'electrodeCount');
  return count && recorded.length >= count.value ? count : undefined;
}

/** Where the panels of a building stand in the supply. */
export function supplyOfBuilding({ site: { panels } }: Scene, building: string) {
  const places = panels.filter((one) => one.building === building).map((one) => one.supply.place);
  if (places.includes('first-disconnect')) return 'first-disconnect';
  return places.includes('unknown') || places.length === 0 ? 'unknown' : 'downstream';
}
