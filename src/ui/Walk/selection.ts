import { splitRef } from '@/core/record/entries/thing-types';
import type { PanelView } from '@/core/installation/panel/views';
import type { Selection } from '../Book/context';

/** What to select for a finding's place. */
export function selectionOf(ref: string, panel: PanelView): Selection | undefined {
  const { thing, part } = splitRef(ref);
  const position = panel.positions.find(
    (one) => one.ref === ref || one.devices.some((device) => device.id === thing),
  );
  if (position) return { kind: 'position', number: position.number };
  const bar = panel.bars.find((one) => one.id === thing);
  if (bar) return { kind: 'screw', bar: bar.id, number: part ? Number(part.slice(1)) : 1 };
  const holder = panel.devices.find((device) =>
    device.terminals.some((terminal) =>
      terminal.conductors.some((conductor) => conductor.id === thing),
    ),
  );
  if (holder) return { kind: 'position', number: holder.number };
  const group = panel.multiwires.find((one) => one.id === thing);
  if (group?.hots[0]) return { kind: 'position', number: group.hots[0].device.number };
  const [first] = panel.circuits.find((one) => one.id === thing)?.terminals ?? [];
  const terminal = first && panel.terminals.get(first);
  if (terminal) return { kind: 'position', number: terminal.device.number };
  return thing === panel.id ? { kind: 'stage', stage: 9 } : undefined;
}
