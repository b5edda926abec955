import type { Inspection, Thing } from '../../record/entries/inspection';
import { SupplyTree } from '../supply/tree';
import { buildPanel } from './build-panel';
import type { Choices } from '../../record/entries/fact-reader';
import { FactReader } from '../../record/entries/fact-reader';
import type { PanelView } from './views';

/** The site: everything recorded, indexed for reading. */
export interface SiteView {
  reader: FactReader;
  site: string | undefined;
  name: string;
  address: string;
  buildings: { id: string; name: string }[];
  panels: PanelView[];
}

/** Children of each thing that was not taken away, in the order they were declared. */
export type Children = ReadonlyMap<string | null, Thing[]>;

/** Puts the recorded facts together. */
export function readSite(
  inspection: Inspection,
  choices?: Choices,
  /** Gathers the properties that what is put together turns on. */
  heard?: (property: string) => void,
): SiteView {
  const reader = new FactReader(inspection, choices);
  reader.heard = heard;
  const children = presentChildren(inspection, reader);
  const site = children.get(null)?.find((thing) => thing.type === 'site');
  const buildings = site
    ? (children.get(site.id) ?? []).filter((thing) => thing.type === 'building')
    : [];
  const supply = new SupplyTree(reader);
  const panels = buildings.flatMap((building) =>
    (children.get(building.id) ?? [])
      .filter((thing) => thing.type === 'panel')
      .map((panel) =>
        buildPanel(panel.id, building.id, children, reader, supply.placeOf(panel.id)),
      ),
  );
  return {
    reader,
    site: site?.id,
    name: (site && reader.value(site.id, 'name')) ?? 'Unnamed place',
    address: (site && reader.value(site.id, 'address')) ?? '',
    buildings: buildings.map(({ id }) => ({ id, name: reader.value(id, 'name') ?? 'Building' })),
    panels,
  };
}

function presentChildren(inspection: Inspection, reader: FactReader): Children {
  const children = new Map<string | null, Thing[]>();
  for (const thing of inspection.things.values()) {
    if (reader.value(thing.id, 'removed') || reader.value(thing.id, 'takenOut')) continue;
    const siblings = children.get(thing.in);
    if (siblings) siblings.push(thing);
    else children.set(thing.in, [thing]);
  }
  return children;
}
