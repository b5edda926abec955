import type { DeviceView, PanelView } from '../../installation/panel/views';
import type { Facts } from '../../record/entries/properties';
import type { FactReader } from '../../record/entries/fact-reader';
import { formOf } from '../../vocabulary/device-forms';
import type { FormName } from '../../vocabulary/device-forms';
import { terminalRef } from '../../record/entries/thing-types';
import type { Changes } from './changes';
import type { RecordingBench } from './recording-bench';

/** Where each screw of a device is found afterwards; undefined: there is no such screw any more. */
export type ScrewNow = (ref: string) => string | undefined;

/** Screws of one device as those of another, one for one, as far as it has them. */
export function screwsAs(from: DeviceView, to: string, form: FormName): ScrewNow {
  const count = formOf(form).terminals.length;
  const index = new Map(from.terminals.map((terminal) => [terminal.ref, terminal.index]));
  return (ref) => {
    const at = index.get(ref);
    return at === undefined ? ref : at <= count ? terminalRef(to, at) : undefined;
  };
}

/**
 * Takes everything that hangs on a device's screws along: wires, what was counted under them,
 * circuits and shared neutrals. A wire whose screw is gone is not landed.
 */
export function rehang(
  device: DeviceView,
  screwNow: ScrewNow,
  { panel, site: { reader } }: Pick<RecordingBench, 'panel' | 'site'>,
  changes: Changes,
): void {
  const mine = new Set(device.terminals.map((terminal) => terminal.ref));
  for (const { id, landsOn } of panel.conductors)
    if (landsOn?.value && mine.has(landsOn.value))
      changes.say(id, off(id, screwNow(landsOn.value) ?? null, reader));
  for (const ref of mine) {
    const to = screwNow(ref);
    if (to !== undefined && to !== ref) carryCount(ref, to, reader, changes);
    if (to === undefined && reader.value(ref, 'conductorCount'))
      changes.say(ref, { conductorCount: 0 });
  }
  for (const { id } of [...panel.circuits, ...panel.multiwires]) {
    const terminals = reader.value(id, 'terminals') ?? [];
    if (terminals.some((ref) => mine.has(ref)))
      changes.say(id, {
        terminals: terminals.flatMap((ref) => (mine.has(ref) ? (screwNow(ref) ?? []) : ref)),
      });
  }
}

/** Where a conductor lands now; an end that was seen under a screw is not there any more. */
function off(id: string, landsOn: string | null, reader: FactReader): Facts {
  return landsOn === null && reader.value(id, 'endState') === 'landed'
    ? { landsOn, endState: 'loose' }
    : { landsOn };
}

function carryCount(from: string, to: string, reader: FactReader, changes: Changes): void {
  const count = reader.value(from, 'conductorCount');
  if (count !== undefined) changes.say(to, { conductorCount: count });
}

/** The device of this id: on a position, in a block beside the main, or the main itself. */
export const deviceOf = (panel: PanelView, id: string): DeviceView | undefined =>
  [...panel.devices, ...panel.pullOuts, ...(panel.main ? [panel.main] : [])].find(
    (device) => device.id === id,
  );
