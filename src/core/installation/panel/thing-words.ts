import type { ThingType } from '../../record/entries/thing-types';
import { splitRef } from '../../record/entries/thing-types';
import { conductorWords } from './words';
import type { SiteView } from './site-view';
import { positionNumber } from '../../vocabulary/numbering';
import { properties } from '../../record/entries/properties';

const typeWords: Record<ThingType, string> = {
  site: 'The visit',
  building: 'Building',
  dwelling: 'Dwelling',
  room: 'Room',
  work: 'Work',
  service: 'Service',
  meter: 'Meter',
  disconnect: 'Disconnect',
  source: 'Second supply',
  electrode: 'Electrode',
  pipe: 'Pipe',
  outlet: 'Near by',
  panel: 'Panel',
  knockout: 'Knockout',
  device: 'Breaker',
  bar: 'Bar',
  cable: 'Cable',
  conductor: 'Conductor',
  circuit: 'Circuit',
  multiwire: 'Shared neutral',
  load: 'Load',
  note: 'Note',
  photo: 'Photo',
  ruling: 'Ruling',
  mend: 'Mended on the visit',
  omission: 'Not looked at',
  wish: 'Wanted besides',
  plan: 'Plan chosen',
  quote: 'Quote',
  round: 'Round',
  instrument: 'Instrument',
  'what-if': 'What if',
};

const lugWords: Record<string, string> = {
  l1: 'lug A',
  l2: 'lug B',
  l3: 'lug C',
  ln: 'neutral lug',
};

/** What a reader calls a thing or part: "Breaker 7", "Main panel, lug A", "Electrode: driven rod". */
export function thingWords(
  ref: string,
  site: SiteView,
  /** What a device is called that is not there any more. */
  gone: (id: string, site: SiteView) => string = goneDevice,
): string {
  const { reader } = site;
  const { thing: id, part } = splitRef(ref);
  const thing = reader.inspection.things.get(id);
  if (!thing) return 'something not recorded';
  const word = typeWords[thing.type];
  const name = reader.value(id, 'name');
  for (const panel of site.panels) {
    if (panel.id === id) {
      const position = panel.positions.find((one) => one.ref === ref);
      if (position) return `${panel.name}, position ${position.number}`;
      return part ? `${panel.name}, ${lugWords[part] ?? part}` : panel.name;
    }
    const device = [...panel.devices, ...panel.pullOuts, ...(panel.main ? [panel.main] : [])].find(
      (one) => one.id === id,
    );
    if (device) {
      const kind = device.form === 'plug-fuse' ? 'Fuse' : device.stands === 'pull-out' ? '' : word;
      const terminal = device.terminals.find((one) => one.ref === ref);
      return [kind, terminal?.label ?? device.label].filter(Boolean).join(' ');
    }
    const bar = panel.bars.find((one) => one.id === id);
    if (bar) {
      const kind = bar.kind === 'ground' ? 'Ground' : 'Neutral';
      return part ? `${kind} screw ${part.slice(1)}` : `${kind} bar, ${bar.side}`;
    }
    const conductor = panel.conductors.find((one) => one.id === id);
    if (conductor) {
      const use = conductor.function?.value;
      // Called by what was read of it, not by what follows from its cable.
      const read = conductor.size?.about === id;
      const size = read ? conductorWords(conductor) : undefined;
      return [size, use ?? 'conductor'].filter(Boolean).join(' ');
    }
  }
  if (thing.type === 'device') return gone(id, site);
  const kind =
    thing.type === 'electrode'
      ? choiceWords('electrodeKind', reader.value(id, 'electrodeKind'))
      : thing.type === 'pipe'
        ? choiceWords('pipeKind', reader.value(id, 'pipeKind'))
        : thing.type === 'source'
          ? choiceWords('sourceKind', reader.value(id, 'sourceKind'))
          : thing.type === 'outlet'
            ? choiceWords('outletKind', reader.value(id, 'outletKind'))
            : undefined;
  return [word, name ?? kind].filter(Boolean).join(': ');
}

/** "Breaker that was at 7": by its place, and by nothing that is only the record's own. */
function goneDevice(id: string, { reader, panels }: SiteView): string {
  const place = reader.value(id, 'place');
  const panel = panels.find((one) => one.id === reader.inspection.things.get(id)?.in);
  if (place?.kind === 'main') return 'Main that was there';
  if (place?.kind === 'pull-out') return `Pull-out ${place.number} that was there`;
  if (!place || !panel) return 'Breaker that was there';
  return `Breaker that was at ${positionNumber(panel.layout, place.column, place.row)}`;
}

const choiceWords = (
  property: 'electrodeKind' | 'pipeKind' | 'sourceKind' | 'outletKind',
  value: string | undefined,
) => (value ? (properties[property].choices as Record<string, string>)[value] : undefined);
