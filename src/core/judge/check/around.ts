import type { Thing } from '../../record/entries/inspection';
import type { SiteView } from '../../installation/panel/site-view';
import type { PanelView } from '../../installation/panel/views';
import type { Place } from './place';

/** A thing outside the panels. */
export interface ThingPlace extends Place {
  thing: Thing;
}

/** Things outside the panels, by kind, that one panel answers for. */
export interface Around {
  buildings: readonly ThingPlace[];
  services: readonly ThingPlace[];
  meters: readonly ThingPlace[];
  disconnects: readonly ThingPlace[];
  sources: readonly ThingPlace[];
  electrodes: readonly ThingPlace[];
  pipes: readonly ThingPlace[];
  outlets: readonly ThingPlace[];
}

const kinds = {
  building: { list: 'buildings', words: 'Building' },
  service: { list: 'services', words: 'Service' },
  meter: { list: 'meters', words: 'Meter' },
  disconnect: { list: 'disconnects', words: 'Disconnect' },
  source: { list: 'sources', words: 'Second supply' },
  electrode: { list: 'electrodes', words: 'Electrode' },
  pipe: { list: 'pipes', words: 'Pipe' },
  outlet: { list: 'outlets', words: 'Outlet' },
} as const satisfies Partial<Record<Thing['type'], { list: keyof Around; words: string }>>;

type Share = { -readonly [K in keyof Around]: ThingPlace[] };
const emptyShare = (): Share => ({
  buildings: [],
  services: [],
  meters: [],
  disconnects: [],
  sources: [],
  electrodes: [],
  pipes: [],
  outlets: [],
});

/**
 * Shares the things outside the panels out among the panels, each to one: to the first panel of its
 * building, else to the first panel of the site.
 */
export function aroundPanels({ reader, panels }: SiteView): ReadonlyMap<string, Around> {
  const shares = new Map<string, Share>();
  const [first] = panels;
  if (!first) return shares;
  const firstIn = new Map<string, PanelView>();
  for (const panel of panels) if (!firstIn.has(panel.building)) firstIn.set(panel.building, panel);
  let order = -10_000;
  for (const thing of reader.inspection.things.values()) {
    const kind = kinds[thing.type as keyof typeof kinds] as
      (typeof kinds)[keyof typeof kinds] | undefined;
    if (!kind || reader.value(thing.id, 'removed')) continue;
    const building = thing.type === 'building' ? thing.id : (thing.in ?? '');
    const owner = (firstIn.get(building) ?? first).id;
    let share = shares.get(owner);
    if (!share) {
      share = emptyShare();
      shares.set(owner, share);
    }
    const list = share[kind.list];
    const label =
      reader.value(thing.id, 'name') ??
      (list.length === 0 ? kind.words : `${kind.words} ${list.length + 1}`);
    list.push({ ref: thing.id, label, related: [thing.id], order: (order += 1), thing });
  }
  return shares;
}

export const aroundOf = (shares: ReadonlyMap<string, Around>, panel: string): Around =>
  shares.get(panel) ?? emptyShare();
