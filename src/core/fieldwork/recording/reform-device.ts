import type { FormName } from '../../vocabulary/device-forms';
import type { DeviceView } from '../../installation/panel/views';
import { Changes } from './changes';
import type { Recorded, RecordingBench } from './recording-bench';
import { rehang, screwsAs } from './rehang';
import type { Replacement } from './replacement';
import { settleCircuits } from './settle-circuits';

/**
 * Says that a device is of another form or rating than was recorded: the same device, the record put
 * right. Wires on screws the form does not have are not landed.
 */
export function reformDevice(
  device: DeviceView,
  as: Replacement,
  bench: RecordingBench,
  /** Of its circuits, in their order. */
  names: readonly string[] = [],
): Recorded {
  const form: FormName = as.form ?? device.form;
  const changes = new Changes(bench.site.reader);
  const place = bench.site.reader.value(device.id, 'place')!;
  const { half, ...whole } = place.kind === 'position' ? place : { ...place, half: undefined };
  if (half && form !== 'half') changes.say(device.id, { place: whole });
  changes.say(device.id, { ...as, form });
  if (form !== device.form) {
    rehang(device, screwsAs(device, device.id, form), bench, changes);
    settleCircuits(device, { id: device.id, form, names }, bench, changes);
  }
  return { ok: true, drafts: changes.drafts };
}
