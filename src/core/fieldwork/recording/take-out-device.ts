import type { PropertyValue } from '../../record/entries/properties';
import { positionRef } from '../../record/entries/thing-types';
import type { ConductorView, DeviceView } from '../../installation/panel/views';
import { Changes } from './changes';
import type { Recorded, RecordingBench } from './recording-bench';
import { rehang } from './rehang';

export interface TakingOut {
  /** It was never there: the record was wrong. Otherwise it was there and is not any more. */
  mistaken?: boolean;
  /** What its positions are afterwards; not said: not recorded. */
  leaves?: PropertyValue<'opening'>;
  /** Its neutrals and grounds come off their screws too; otherwise they stay. */
  withOthers?: boolean;
}

/** Takes a device out. Its wires stay in the panel, on no screw, until they are landed or capped. */
export function takeOutDevice(
  device: DeviceView,
  { mistaken = false, leaves, withOthers = false }: TakingOut,
  bench: RecordingBench,
): Recorded {
  const { panel, site } = bench;
  const changes = new Changes(site.reader);
  changes.say(device.id, mistaken ? { removed: true } : { takenOut: true });
  rehang(device, (ref) => (isOf(device, ref) ? undefined : ref), bench, changes);
  const off = new Map<string, number>();
  for (const { id, landsOn } of withOthers ? othersOf(device, panel) : []) {
    changes.say(id, { landsOn: null });
    off.set(landsOn!.value!, (off.get(landsOn!.value!) ?? 0) + 1);
  }
  // What was counted under a bar's screw is less by what came off it.
  for (const [screw, many] of off) {
    const count = site.reader.value(screw, 'conductorCount');
    if (count !== undefined) changes.say(screw, { conductorCount: Math.max(0, count - many) });
  }
  if (leaves && device.stands === 'position')
    for (let step = 0; step < device.height; step += 1)
      changes.say(positionRef(panel.id, device.column, device.row + step), { opening: leaves });
  return { ok: true, drafts: changes.drafts };
}

const isOf = (device: DeviceView, ref: string) =>
  device.terminals.some((terminal) => terminal.ref === ref);

/** Neutrals and grounds in the cables of a device's hots, or of its circuits, that lie on a screw. */
export function othersOf(device: DeviceView, panel: RecordingBench['panel']): ConductorView[] {
  const cables = new Set(
    device.terminals.flatMap(({ conductors }) =>
      conductors.flatMap(({ cable }) => cable?.id ?? []),
    ),
  );
  return panel.conductors.filter(
    ({ cable, function: use, landsOn }) =>
      cable &&
      cables.has(cable.id) &&
      landsOn?.value &&
      (use?.value === 'neutral' || use?.value === 'ground'),
  );
}
