import type { PropertyValue } from '../../record/entries/properties';
import type { FormName } from '../../vocabulary/device-forms';
import type { DeviceView } from '../../installation/panel/views';
import { Changes } from './changes';
import type { Recorded, RecordingBench } from './recording-bench';
import { rehang, screwsAs } from './rehang';
import type { Replacement } from './replacement';
import { settleCircuits } from './settle-circuits';

/**
 * Another device in a device's place. The old one was taken out and keeps what was recorded of it;
 * wires, circuits and shared neutrals go over screw by screw, and what hung on it hangs on the new one.
 */
export function replaceDevice(
  device: DeviceView,
  by: Replacement,
  bench: RecordingBench,
): Recorded {
  const { panel, site, newId } = bench;
  const { reader } = site;
  const form: FormName = by.form ?? device.form;
  const standing = reader.value(device.id, 'place')!;
  const id = newId();
  const changes = new Changes(reader);
  changes.add('device', id, panel.id, {
    place: placeFor(standing, form),
    ...by,
    form,
    insteadOf: device.id,
  });
  changes.say(device.id, { takenOut: true });
  rehang(device, screwsAs(device, id, form), bench, changes);
  for (const thing of reader.inspection.things.values())
    for (const property of ['fedFrom', 'lowerFedBy'] as const)
      if (reader.value(thing.id, property) === device.id) changes.say(thing.id, { [property]: id });
  settleCircuits(device, { id, form }, bench, changes);
  return { ok: true, drafts: changes.drafts };
}

/** The same place; a half stays a half only where the new device is one. */
function placeFor(place: PropertyValue<'place'>, form: FormName): PropertyValue<'place'> {
  if (place.kind !== 'position') return place;
  const { half, ...whole } = place;
  return form === 'half' ? { ...whole, half: half ?? 'upper' } : whole;
}
