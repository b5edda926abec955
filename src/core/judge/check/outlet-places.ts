import type { Place } from './place';
import type { Scene } from './rule';

/** The building as a whole, and each outlet or piece of wiring recorded by itself. */
export const placesOfOutlets = (
  { around, site: { reader } }: Scene,
  words: string,
  kinds: readonly string[] = ['box', 'wiring', 'receptacle', 'appliance'],
): Place[] => [
  ...around.buildings.map((place) => ({ ...place, label: words })),
  ...around.outlets.filter((place) =>
    kinds.includes(reader.value(place.ref, 'outletKind') ?? 'wiring'),
  ),
];

/** Outlets of a kind; where none was recorded, the building, so that they are asked for. */
export function outletsOf(
  { around, site: { reader } }: Scene,
  kind: string,
  words: string,
): (Place & { outlet?: true })[] {
  const outlets = around.outlets.filter((place) => reader.value(place.ref, 'outletKind') === kind);
  return outlets.length > 0
    ? outlets.map((place) => ({ ...place, outlet: true as const }))
    : around.buildings.map((place) => ({ ...place, label: words }));
}
