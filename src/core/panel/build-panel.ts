import type { Thing } from '../entries/inspection';
import { positionRef } from '../entries/thing-types';
import { placeInSupply } from '../supply/place-in-supply';
import { buildDevice } from './build-device';
import { buildBars, buildConductors, buildMultiwires, landConductors } from './build-wiring';
import { legOfRow } from './legs';
import type { Column } from './numbering';
import { positionNumber } from './numbering';
import type { FactReader } from './reader';
import type { CircuitView, DeviceView, PanelView, PositionView } from './views';

const columns: Column[] = [1, 2];

/** Puts one panel together from what stands in it. */
export function buildPanel(
  id: string,
  building: string,
  children: ReadonlyMap<string | null, Thing[]>,
  reader: FactReader,
): PanelView {
  const held = children.get(id) ?? [];
  const ofType = (type: Thing['type']) =>
    held.filter((thing) => thing.type === type).map((thing) => thing.id);
  const rows = reader.value(id, 'rows');
  const numbering = reader.value(id, 'numbering') ?? 'odd-even';
  const outOfRange: PanelView['outOfRange'] = [];

  const circuits = ofType('circuit').map((circuit) => buildCircuit(circuit, children, reader));
  const circuitAt = new Map(
    circuits.toReversed().flatMap((circuit) => circuit.terminals.map((ref) => [ref, circuit])),
  );
  const built = ofType('device').flatMap(
    (device) => buildDevice(device, { rows, numbering, circuitAt }, reader) ?? [],
  );
  const devices: DeviceView[] = [];
  for (const device of built) {
    if (device.isMain || (rows !== undefined && device.row + device.height - 1 <= rows))
      devices.push(device);
    else
      outOfRange.push({
        about: device.id,
        reason: `the panel has no row ${device.row + device.height - 1}`,
      });
  }
  const branch = devices.filter((device) => !device.isMain).sort((a, b) => a.number - b.number);
  const positions = buildPositions(id, rows ?? 0, numbering, branch, reader);
  reportLostPositions(id, rows, reader, outOfRange);

  const cables = ofType('cable').map((cable) => ({
    id: cable,
    kind: reader.fact(cable, 'cableKind'),
    jacket: reader.value(cable, 'jacket'),
    side: reader.value(cable, 'side'),
    edge: reader.value(cable, 'edge'),
  }));
  const conductors = buildConductors(held, cables, children, reader);
  const terminals = new Map(
    branch.flatMap((device) => device.terminals.map((terminal) => [terminal.ref, terminal])),
  );
  const bars = buildBars(ofType('bar'), reader);
  landConductors(conductors, devices, bars, outOfRange);

  return {
    id,
    building,
    name: reader.value(id, 'name') ?? 'Panel',
    rows,
    numbering,
    main: devices.find((device) => device.isMain),
    positions,
    devices: branch,
    terminals,
    bars,
    conductors,
    cables,
    circuits,
    multiwires: buildMultiwires(ofType('multiwire'), terminals, conductors, reader),
    supply: placeInSupply(id, reader),
    outOfRange,
  };
}

function buildPositions(
  panel: string,
  rows: number,
  numbering: PanelView['numbering'],
  devices: DeviceView[],
  reader: FactReader,
): PositionView[] {
  const at = new Map<string, DeviceView[]>();
  for (const device of devices)
    for (let step = 0; step < device.height; step += 1) {
      const ref = positionRef(panel, device.column, device.row + step);
      at.set(ref, [...(at.get(ref) ?? []), device]);
    }
  const positions = Array.from({ length: rows }, (_, index) => index + 1).flatMap((row) =>
    columns.map((column) => {
      const ref = positionRef(panel, column, row);
      return {
        ref,
        column,
        row,
        number: positionNumber(numbering, rows, column, row),
        leg: legOfRow(row),
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
  rows: number | undefined,
  reader: FactReader,
  outOfRange: PanelView['outOfRange'],
): void {
  const start = `${panel}/`;
  for (const about of reader.inspection.facts.keys()) {
    if (!about.startsWith(start)) continue;
    const row = Number(about.slice(about.indexOf('r', start.length) + 1));
    if (rows === undefined || row > rows)
      outOfRange.push({ about, reason: `the panel has no row ${row}` });
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
