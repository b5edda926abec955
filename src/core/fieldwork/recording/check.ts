import type { Entry } from '../../record/entries/entry';
import { fold } from '../../record/entries/fold';
import type { SiteView } from '../../installation/panel/site-view';
import { readSite } from '../../installation/panel/site-view';
import type { DeviceView } from '../../installation/panel/views';

/** Why a new entry is refused before it is stored, and where. */
export interface Refusal {
  about: string;
  message: string;
}

/**
 * What is impossible about new entries: the same fold that would keep and list them later is
 * asked beforehand, and whatever it could not place is refused with its reason.
 */
export function refusals(standing: readonly Entry[], fresh: readonly Entry[]): Refusal[] {
  return refusalsAfter(readSite(fold(standing)), readSite(fold([...standing, ...fresh])), fresh);
}

/** The same, where what stood before and what would stand after were put together already. */
export function refusalsAfter(
  before: SiteView,
  site: SiteView,
  fresh: readonly Entry[],
): Refusal[] {
  const { inspection } = site.reader;
  const ids = new Set(fresh.map((entry) => entry.id));
  const known = new Set(before.panels.flatMap((panel) => panel.outOfRange.map((one) => one.about)));
  const shrinking = fresh.some((entry) => entry.kind === 'observe' && 'rows' in entry.facts);
  return [
    ...inspection.unplaced
      .filter((one) => ids.has(one.entry))
      .map((one) => ({ about: one.about, message: one.reason })),
    ...site.panels.flatMap((panel) =>
      shrinking
        ? []
        : panel.outOfRange
            .filter((one) => !known.has(one.about))
            .map((one) => ({ about: one.about, message: one.reason })),
    ),
    ...crowded(ids, site),
  ];
}

/** Positions that would hold two breakers, one of them new. */
function crowded(fresh: ReadonlySet<string>, site: SiteView): Refusal[] {
  return site.panels.flatMap((panel) =>
    panel.positions.flatMap((position) => {
      const isNew = (id: string) =>
        (['place', 'form'] as const).some((property) =>
          site.reader.facts(id, property).some((fact) => fresh.has(fact.entry)),
        );
      const [first] = position.devices;
      if (!first || !clash(position.devices)) return [];
      if (!position.devices.some((device) => isNew(device.id))) return [];
      const held = position.devices.find((device) => !isNew(device.id)) ?? first;
      return [
        {
          about: position.ref,
          message: `position ${position.number} already holds breaker ${held.label}`,
        },
      ];
    }),
  );
}

/** More than one device on a position, but for two half-width ones in its two halves. */
export const clash = (devices: readonly DeviceView[]) =>
  devices.length > 1 &&
  !(
    devices.length === 2 &&
    devices.every((device) => device.half) &&
    devices[0]!.half !== devices[1]!.half
  );
