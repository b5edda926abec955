import type { Thing } from '../../record/entries/inspection';
import { positionRef } from '../../record/entries/thing-types';
import type { PlaceInSupply } from '../supply/tree';
import { buildDevice } from './build-device';
import { buildBars, buildConductors, buildMultiwires, landConductors } from './build-wiring';
import type { Column, Layout } from '../../vocabulary/numbering';
import { positionNumber } from '../../vocabulary/numbering';
import type { FactReader } from '../../record/entries/fact-reader';
import type { Leg } from '../../vocabulary/system';
import { legAt } from '../../vocabulary/system';
import type { CircuitView, DeviceView, PanelView, PositionView, TerminalView } from './views';

/** Puts one panel together from what stands in it. */
export function buildPanel(
  id: string,
  building: string,
  children: ReadonlyMap<string | null, Thing[]>,
  reader: FactReader,
  supply: PlaceInSupply,
): PanelView {
  const held = children.get(id) ?? [];
  const byType = new Map<Thing['type'], string[]>();
  for (const thing of held) {
    const ids = byType.get(thing.type);
    if (ids) ids.push(thing.id);
    else byType.set(thing.type, [thing.id]);
  }
  const ofType = (type: Thing['type']) => byType.get(type) ?? [];
  const rows = reader.value(id, 'rows');
  const custom = reader.value(id, 'customNumbers');
  const layout: Layout = {
    rows: rows ?? 0,
    columns: reader.value(id, 'columns') ?? 2,
    numbering: reader.value(id, 'numbering') ?? (custom ? 'custom' : 'odd-even'),
    ...(custom && { custom }),
  };
  const kind = reader.value(id, 'panelKind') ?? 'breaker';
  const recorded = reader.value(id, 'serviceSystem') ?? supply.system;
  const system = recorded ?? 'split-phase';
  const legPattern = reader.value(id, 'legPattern') ?? (kind === 'fuse' ? 'by-column' : 'by-row');
  const legOf = (column: Column, row: number): Leg =>
    reader.value(positionRef(id, column, row), 'leg') ?? legAt(system, legPattern, column, row);
  const outOfRange: PanelView['outOfRange'] = [];

  const circuits = ofType('circuit').map((circuit) => buildCircuit(circuit, children, reader));
  const circuitAt = new Map<string, CircuitView>();
  const doubled: { circuit: CircuitView; claimed: CircuitView; ref: string }[] = [];
  for (const circuit of circuits)
    for (const ref of circuit.terminals) {
      const claimed = circuitAt.get(ref);
      if (!claimed) circuitAt.set(ref, circuit);
      else if (claimed !== circuit) doubled.push({ circuit, claimed, ref });
    }
  const built = ofType('device').flatMap(
    (device) => buildDevice(device, { layout, legOf, circuitAt }, reader) ?? [],
  );
  const devices: DeviceView[] = [];
  for (const device of built) {
    const last = device.row + device.height - 1;
    if (device.stands !== 'position' || (last <= layout.rows && device.column <= layout.columns))
      devices.push(device);
    else
      outOfRange.push({
        about: device.id,
        reason:
          last > layout.rows ? `the panel has no row ${last}` : 'the panel has one column only',
      });
  }
  const branch = devices
    .filter((device) => device.stands === 'position')
    .sort((a, b) => a.number - b.number || (a.label < b.label ? -1 : 1));
  const pullOuts = devices
    .filter((device) => device.stands === 'pull-out')
    .sort((a, b) => b.number - a.number);
  const positions = buildPositions(id, layout, legOf, branch, reader);
  reportLostPositions(id, layout, reader, outOfRange);

  const cables = ofType('cable').map((cable) => ({
    id: cable,
    kind: reader.fact(cable, 'cableKind'),
    jacket: reader.value(cable, 'jacket'),
    side: reader.value(cable, 'side'),
    edge: reader.value(cable, 'edge'),
    bundle: reader.value(cable, 'bundle'),
  }));
  const conductors = buildConductors(held, cables, children, reader);
  const terminals = new Map<string, TerminalView>();
  for (const device of devices)
    for (const terminal of device.terminals) terminals.set(terminal.ref, terminal);
  for (const { circuit, claimed, ref } of doubled)
    outOfRange.push({
      about: circuit.id,
      reason: `the screw of ${terminals.get(ref)?.label ?? 'a breaker'} belongs to two circuits: ${claimed.name ?? 'unnamed'} and ${circuit.name ?? 'unnamed'}`,
    });
  const bars = buildBars(ofType('bar'), conductors, reader);
  landConductors(conductors, devices, bars, outOfRange);

  return {
    id,
    building,
    name: reader.value(id, 'name') ?? 'Panel',
    kind,
    mainKind: reader.value(id, 'mainKind'),
    rows,
    layout,
    system,
    systemRead: recorded !== undefined,
    legPattern,
    orientation: reader.value(id, 'orientation') ?? 'upright',
    upperRows: kind === 'split-bus' ? reader.value(id, 'upperRows') : undefined,
    lowerFedBy: branch.find((device) => device.id === reader.value(id, 'lowerFedBy')),
    main: devices.find((device) => device.isMain),
    pullOuts,
    positions,
    devices: branch,
    terminals,
    bars,
    knockouts: ofType('knockout'),
    conductors,
    cables,
    circuits,
    multiwires: buildMultiwires(ofType('multiwire'), terminals, conductors, reader),
    supply,
    outOfRange,
  };
}

function buildPositions(
  panel: string,
  layout: Layout,
  legOf: (column: Column, row: number) => Leg,
  devices: DeviceView[],
  reader: FactReader,
): PositionView[] {
  const at = new Map<string, DeviceView[]>();
  for (const device of devices)
    for (let step = 0; step < device.height; step += 1) {
      const ref = positionRef(panel, device.column, device.row + step);
      at.set(ref, [...(at.get(ref) ?? []), device]);
    }
  const columns: Column[] = layout.columns === 1 ? [1] : [1, 2];
  const positions = Array.from({ length: layout.rows }, (_, index) => index + 1).flatMap((row) =>
    columns.map((column) => {
      const ref = positionRef(panel, column, row);
      return {
        ref,
        column,
        row,
        number: positionNumber(layout, column, row),
        leg: legOf(column, row),
        devices: at.get(ref) ?? [],
        opening: reader.fact(ref, 'opening'),
      };
    }),
  );
  return positions.sort((a, b) => a.number - b.number);
}

/** Facts about positions the panel no longer has, after it was recorded with fewer rows. */
function reportLostPositions(
  panel: string,
  layout: Layout,
  reader: FactReader,
  outOfRange: PanelView['outOfRange'],
): void {
  const start = `${panel}/c`;
  for (const about of reader.spokenOf) {
    if (!about.startsWith(start)) continue;
    const [column, row] = about.slice(start.length).split('r').map(Number) as [number, number];
    if (row > layout.rows) outOfRange.push({ about, reason: `the panel has no row ${row}` });
    else if (column > layout.columns)
      outOfRange.push({ about, reason: 'the panel has one column only' });
  }
}

function buildCircuit(
  id: string,
  children: ReadonlyMap<string | null, Thing[]>,
  reader: FactReader,
): CircuitView {
  return {
    id,
    name: reader.value(id, 'name'),
    terminals: reader.value(id, 'terminals') ?? [],
    loads: (children.get(id) ?? [])
      .filter((thing) => thing.type === 'load')
      .map((load) => ({ id: load.id, kind: reader.fact(load.id, 'loadKind') })),
  };
}
