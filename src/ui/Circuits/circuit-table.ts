import type { Assessment } from '@/core';
import type { Grade } from '@/core/vocabulary/grade';
import { formOf } from '@/core/vocabulary/device-forms';
import type { DeviceView, PanelView } from '@/core/installation/panel/views';
import { conductorWords } from '@/core/installation/panel/words';
import { properties } from '@/core/record/entries/properties';

/** One circuit as the table shows it. */
export interface CircuitLine {
  key: string;
  device: DeviceView;
  /** Which of the device's circuits. */
  index: number;
  position: string;
  order: number;
  name: string;
  ratingA: number | undefined;
  form: string;
  leg: string;
  wire: string;
  neutral: string;
  method: string;
  jacket: string;
  load: string;
  grades: Grade[];
}

/** Every circuit of the panel, in the order of its positions. */
export function circuitTable(panel: PanelView, { site, findings }: Assessment): CircuitLine[] {
  const seats = new Map(
    panel.bars.flatMap((bar) =>
      bar.terminals.flatMap((terminal) =>
        terminal.conductors.map((wire) => [
          wire.id,
          `${bar.kind === 'ground' ? 'G' : 'N'}${terminal.number}`,
        ]),
      ),
    ),
  );
  return [...panel.pullOuts, ...panel.devices].flatMap((device) =>
    formOf(device.form).circuits.map((indexes, index): CircuitLine => {
      const terminals = indexes.flatMap((at) => device.terminals[at] ?? []);
      const wires = terminals.flatMap((terminal) => terminal.conductors);
      const cable = wires[0]?.cable;
      const shared = panel.multiwires.find((group) =>
        group.hots.some((hot) => terminals.includes(hot)),
      )?.neutral;
      const neutrals = panel.conductors.filter(
        (wire) =>
          wire.function?.value === 'neutral' &&
          (wire === shared || wires.some((hot) => hot.cable && hot.cable.id === wire.cable?.id)),
      );
      const circuit = terminals[0]?.circuit;
      const load = circuit?.loads[0]?.kind?.value;
      const refs = new Set([
        device.id,
        ...terminals.map((terminal) => terminal.ref),
        ...wires.map((wire) => wire.id),
      ]);
      const kinds = new Set(wires.map(conductorWords));
      return {
        key: `${device.id}-${index}`,
        device,
        index,
        position: terminals.map((terminal) => terminal.label).join('+'),
        order: device.number * 10 + index,
        name: circuit?.name ?? '',
        ratingA: terminals[0]?.handleA,
        form: formOf(device.form).short,
        leg: [...new Set(terminals.map((terminal) => terminal.leg))].join(' '),
        wire: [...kinds].join(', ') + (wires.length > terminals.length ? ` ×${wires.length}` : ''),
        neutral: neutrals.flatMap((wire) => seats.get(wire.id) ?? []).join(', '),
        method: cable?.kind ? properties.cableKind.choices[cable.kind.value] : '',
        jacket: cable?.jacket ? properties.jacket.choices[cable.jacket] : '',
        load: load ? properties.loadKind.choices[load] : '',
        grades: findings
          .filter(({ verdict }) => refs.has(verdict.place.ref) && site.panels.includes(panel))
          .map(({ grade }) => grade),
      };
    }),
  );
}
