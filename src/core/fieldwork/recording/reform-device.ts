import { terminalRef } from '../../record/entries/thing-types';
import { formOf } from '../../vocabulary/device-forms';
import type { FormName } from '../../vocabulary/device-forms';
import type { DeviceView } from '../../installation/panel/views';
import { Changes } from './changes';
import type { Recorded, RecordingBench } from './recording-bench';
import { rehang, screwsAs } from './rehang';
import type { Replacement } from './replace-device';

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

/**
 * Circuits follow the form: screws of one handle belong to one circuit. Where one circuit becomes two
 * the further screws get one of their own; of two that become one the first keeps the screws, the
 * other stays recorded with none.
 */
export function settleCircuits(
  device: DeviceView,
  now: { id: string; form: FormName; names?: readonly string[] },
  { panel, newId }: RecordingBench,
  changes: Changes,
): void {
  const old = new Map(device.terminals.map((terminal) => [terminal.index, terminal]));
  const taken = new Set<string>();
  formOf(now.form).circuits.forEach((indexes, at) => {
    const named = now.names?.[at];
    const name = named ? { name: named } : {};
    const terminals = indexes.map((index) => terminalRef(now.id, index + 1));
    const here = indexes.flatMap((index) => old.get(index + 1) ?? []);
    const known = here.flatMap(({ circuit }) => circuit ?? []).find(({ id }) => !taken.has(id));
    if (known) {
      taken.add(known.id);
      changes.say(known.id, { terminals, ...name });
    } else if (named || here.some(({ conductors }) => conductors.length > 0))
      changes.add('circuit', newId(), panel.id, { terminals, ...name });
  });
  for (const { id } of device.terminals.flatMap(({ circuit }) => circuit ?? []))
    if (!taken.has(id)) {
      taken.add(id);
      changes.say(id, { terminals: [] });
    }
}
