import { formOf } from '../../vocabulary/device-forms';
import type { FactReader } from '../../record/entries/fact-reader';
import type { BarTerminalView, DeviceView, PanelView } from '../../installation/panel/views';
import type { BarScrew, PositionLine } from '../../record/shorthand/line';
import { lineOfDevice } from './line-of-device';

/** Where each neutral and ground of a device's circuits is screwed, by circuit and cable. */
function screwsOf(
  panel: PanelView,
  device: DeviceView,
  use: 'neutral' | 'ground',
): BarScrew[][] | undefined {
  const seats = new Map<string, BarTerminalView>(
    panel.bars.flatMap((bar) =>
      bar.terminals.flatMap((terminal) =>
        terminal.conductors.map((conductor) => [conductor.id, terminal] as const),
      ),
    ),
  );
  const screwAt = (terminal: BarTerminalView): BarScrew => {
    const bar = terminal.bar.kind === 'ground' ? 'ground' : 'neutral';
    const nth = panel.bars.filter((one) => one.kind === bar).indexOf(terminal.bar) + 1;
    return { bar, ...(nth > 1 && { nth }), number: terminal.number };
  };
  const circuits = formOf(device.form).circuits.map((indexes) => {
    const cables = [
      ...new Set(
        indexes.flatMap((index) =>
          (device.terminals[index]?.conductors ?? []).flatMap((wire) => wire.cable?.id ?? []),
        ),
      ),
    ];
    return cables.flatMap((cable) => {
      const wire = panel.conductors.find(
        (one) => one.cable?.id === cable && one.function?.value === use,
      );
      const seat = wire && seats.get(wire.id);
      return seat ? [screwAt(seat)] : [];
    });
  });
  while (circuits.length > 0 && circuits.at(-1)!.length === 0) circuits.pop();
  return circuits.length > 0 && circuits.every((one) => one.length > 0) ? circuits : undefined;
}

/** A device as the line of shorthand that records it whole. */
export function wholeLine(panel: PanelView, device: DeviceView, reader: FactReader): PositionLine {
  const { maybeMore: _, wires, ...line } = lineOfDevice(panel, device, reader);
  const cable = device.terminals.flatMap((terminal) => terminal.conductors)[0]?.cable;
  const load = device.terminals[0]?.circuit?.loads[0];
  const circuits = formOf(device.form).circuits.map(
    (indexes) => device.terminals[indexes[0]!]?.circuit?.name ?? '',
  );
  while (circuits.length > 0 && circuits.at(-1) === '') circuits.pop();
  const takes = reader.value(device.id, 'terminalTakes');
  const [maker, breakerType, protection, tie, fuseBase, insertA, year] = [
    reader.value(device.id, 'maker'),
    reader.value(device.id, 'breakerType'),
    reader.value(device.id, 'protection'),
    reader.value(device.id, 'tie'),
    reader.value(device.id, 'fuseBase'),
    reader.value(device.id, 'insertA'),
    reader.value(device.id, 'yearBuilt'),
  ];
  const neutrals = screwsOf(panel, device, 'neutral');
  const grounds = screwsOf(panel, device, 'ground');
  const ratings = device.terminals[0]?.ratingA?.value;
  return {
    ...line,
    ...(ratings && { ratingsA: ratings }),
    ...(wires?.every((one) => one.length > 0) && { wires }),
    ...((takes === 1 || takes === 2) && { takes }),
    ...(neutrals && { neutrals }),
    ...(grounds && { grounds }),
    ...(cable?.kind && { cableKind: cable.kind.value }),
    ...(cable?.jacket && { jacket: cable.jacket }),
    ...(maker && { maker }),
    ...(breakerType && { breakerType }),
    ...(protection && { protection }),
    ...(tie && { tie }),
    ...(fuseBase && { fuseBase }),
    ...(insertA && { insertA }),
    ...(year && { year }),
    ...(load?.kind && { load: { loadKind: load.kind.value } }),
    names: circuits,
  };
}
