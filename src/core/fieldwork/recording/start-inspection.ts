import type { Draft } from './draft';
import { add } from './draft';

export interface NewPlace {
  /** Said at the first stage where it is not known yet. */
  name?: string;
  address?: string;
  /** Positions of the first panel, both columns together. */
  positions?: number;
}

/** The first action of an inspection: the place, a building, its service, and one panel. */
export function startInspection(
  { name, address, positions }: NewPlace,
  newId: () => string,
): Draft[] {
  const [site, building] = [newId(), newId()];
  return [
    add('site', site, null, { ...(name && { name }), ...(address && { address }) }),
    add('building', building, site, { name: 'House' }),
    add('service', newId(), site, {}),
    add('panel', newId(), building, {
      name: 'Main panel',
      ...(positions && { rows: positions / 2 }),
    }),
  ];
}
