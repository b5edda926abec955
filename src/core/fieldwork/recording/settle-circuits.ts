import { terminalRef } from '../../record/entries/thing-types';
import { formOf } from '../../vocabulary/device-forms';
import type { FormName } from '../../vocabulary/device-forms';
import type { DeviceView } from '../../installation/panel/views';
import type { Changes } from './changes';
import type { RecordingBench } from './recording-bench';

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
