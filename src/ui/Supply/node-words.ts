import { properties } from '@/core/record/entries/properties';
import { lengthWords } from '@/core/vocabulary/lengths';
import type { SiteView } from '@/core/installation/panel/site-view';
import { systems } from '@/core/vocabulary/system';
import type { SupplyNode } from '@/core/installation/supply/tree';
import { thingWords } from '@/core/installation/panel/thing-words';

/** Two lines in a box of the supply drawing. */
export function nodeWords({ thing }: SupplyNode, site: SiteView): { title: string; under: string } {
  const { reader } = site;
  const name = reader.value(thing.id, 'name');
  switch (thing.type) {
    case 'service': {
      const system = reader.value(thing.id, 'serviceSystem');
      return {
        title: name ?? 'Service',
        under: system ? systems[system].short : 'system not read',
      };
    }
    case 'meter': {
      const state = reader.value(thing.id, 'meterState');
      return {
        title: name ?? 'Meter',
        under: state ? properties.meterState.choices[state] : 'not looked at',
      };
    }
    case 'disconnect': {
      const rating = reader.value(thing.id, 'disconnectRatingA');
      const role = reader.value(thing.id, 'disconnectRole') ?? 'unknown';
      return {
        title: name ?? 'Disconnect',
        under: [rating ? `${rating} A` : 'rating not read', roleWords[role]]
          .filter(Boolean)
          .join(', '),
      };
    }
    default: {
      const panel = site.panels.find((one) => one.id === thing.id);
      const place =
        panel &&
        {
          'first-disconnect': 'first disconnect',
          downstream: 'downstream',
          unknown: 'supply not known',
        }[panel.supply.place];
      const main = panel?.main?.terminals[0]?.handleA;
      return {
        title: panel?.name ?? thingWords(thing.id, site),
        under: [main ? `main ${main} A` : undefined, place].filter(Boolean).join(', '),
      };
    }
  }
}

const roleWords = {
  service: 'first disconnect',
  meter: 'meter disconnect',
  later: 'after the first',
  'other-panel': 'of a panel not inspected',
  unknown: '',
} as const;

/** Beside the line to a thing: which breaker, which conductors, how long. */
export function feederWords({ thing, by }: SupplyNode, site: SiteView): string {
  const { reader } = site;
  const device =
    by && site.panels.flatMap((panel) => panel.devices).find((one) => one.id === by.id);
  const size = reader.value(thing.id, 'supplySize');
  const metal = reader.value(thing.id, 'supplyMetal');
  const length = reader.value(thing.id, 'supplyLength');
  const sets = reader.value(thing.id, 'parallelSets') ?? 1;
  return [
    device ? `breaker ${device.label}` : undefined,
    size
      ? `${sets > 1 ? `${sets} × ` : ''}${size} ${metal ? { cu: 'Cu', al: 'Al' }[metal] : ''}`.trim()
      : undefined,
    length !== undefined ? lengthWords(length) : undefined,
  ]
    .filter(Boolean)
    .join(', ');
}
