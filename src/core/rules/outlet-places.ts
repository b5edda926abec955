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
