import type { Facts } from '../../record/entries/properties';
import { terminalRef } from '../../record/entries/thing-types';
import { formOf } from '../../vocabulary/device-forms';
import type { CableView, ConductorView, DeviceView } from '../../installation/panel/views';
import type { PositionLine, Wire } from '../../record/shorthand/line';
import type { Screws } from './bar-screws';
import { deviceAt } from './device-at';
import type { Draft } from './draft';
import { add, changedFacts, observe } from './draft';
import type { RecordingBench } from './recording-bench';

interface Wiring {
  line: Pick<
    PositionLine,
    'wires' | 'maybeMore' | 'cableKind' | 'jacket' | 'edge' | 'side' | 'sharesWith' | 'oneCable'
  >;
  form: DeviceView['form'];
  device: string;
  standing: DeviceView | undefined;
  circuits: readonly string[];
  screws: Screws;
  bench: RecordingBench;
}

/**
 * The line states everything under each screw: wires that stand are corrected in order, further
 * ones added, the rest taken off, and the count written. Each circuit has a cable for each wire
 * under one of its screws; neutral and ground come with their cable.
 */
export function recordWires(wiring: Wiring, drafts: Draft[]): void {
  formOf(wiring.form).circuits.forEach((indexes, at) => recordCircuit(wiring, indexes, at, drafts));
}

function recordCircuit(
  { line, device, standing, circuits, screws, bench }: Wiring,
  indexes: readonly number[],
  at: number,
  drafts: Draft[],
): void {
  const neutrals = screws.neutrals[at] ?? [];
  const grounds = screws.grounds[at] ?? [];
  const cableFacts: Facts = {
    ...(line.cableKind && { cableKind: line.cableKind }),
    ...(line.jacket && { jacket: line.jacket }),
    ...(line.edge && { edge: line.edge }),
    ...(line.side && { side: line.side }),
  };
  const wiresAt = indexes.map((index) => line.wires?.[index]);
  const speaks = Object.keys(cableFacts).length > 0;
  const wanted = Math.max(
    0,
    ...wiresAt.map((wires) => wires?.length ?? 0),
    neutrals.length,
    grounds.length,
    speaks ? 1 : 0,
  );
  const cables = Array.from({ length: wanted }, (_, k) => {
    const known =
      indexes
        .map((index) => standing?.terminals[index]?.conductors[k]?.cable)
        .find((cable) => cable !== undefined) ??
      (line.oneCable ? sharedCable(line.sharesWith, device, k, bench) : undefined);
    const cable = known?.id ?? bench.newId();
    if (!known) drafts.push(add('cable', cable, bench.panel.id, cableFacts));
    else {
      const changed = changedFacts(bench.site.reader, cable, cableFacts);
      if (Object.keys(changed).length > 0) drafts.push(observe(bench.site.reader, cable, changed));
    }
    return cable;
  });
  indexes.forEach((index, step) => {
    const wires = wiresAt[step];
    if (!wires) return;
    recordScrew(
      terminalRef(device, index + 1),
      wires,
      cables,
      circuits[at],
      standing?.terminals[index]?.conductors ?? [],
      line.maybeMore ?? false,
      bench,
      drafts,
    );
  });
  neutrals.forEach((screw, k) =>
    recordOnBar('neutral', screw, cables[k]!, circuits[at], bench, drafts),
  );
  grounds.forEach((screw, k) =>
    recordOnBar('ground', screw, cables[k]!, circuits[at], bench, drafts),
  );
}

/** Hots that share a neutral come in one cable of three wires, where they come in a cable at all. */
function sharedCable(
  sharesWith: number | undefined,
  device: string,
  at: number,
  { panel }: RecordingBench,
): CableView | undefined {
  const other = sharesWith === undefined ? undefined : deviceAt(panel, sharesWith);
  return other && other.id !== device ? other.terminals[0]?.conductors[at]?.cable : undefined;
}

function recordScrew(
  ref: string,
  wires: readonly Wire[],
  cables: readonly string[],
  circuit: string | undefined,
  standing: readonly ConductorView[],
  maybeMore: boolean,
  { site, newId }: RecordingBench,
  drafts: Draft[],
): void {
  wires.forEach((wire, index) => {
    const facts: Facts = {
      function: 'hot',
      size: wire.size,
      metal: wire.metal,
      ...(wire.colour && { colour: wire.colour }),
      ...(wire.remarked !== undefined && { remarked: wire.remarked }),
      landsOn: ref,
      ...(circuit && { circuit }),
    };
    const known = standing[index];
    if (!known) {
      drafts.push(add('conductor', newId(), cables[index]!, facts));
      return;
    }
    const changed = changedFacts(site.reader, known.id, facts);
    if (Object.keys(changed).length > 0) drafts.push(observe(site.reader, known.id, changed));
  });
  if (maybeMore && wires.length === 0) return;
  for (const extra of standing.slice(wires.length))
    drafts.push(observe(site.reader, extra.id, { removed: true }));
  if (maybeMore && site.reader.value(ref, 'conductorCount') === undefined) return;
  const count = changedFacts(site.reader, ref, { conductorCount: wires.length });
  if (Object.keys(count).length > 0) drafts.push(observe(site.reader, ref, count));
}

/** Lands the cable's neutral or ground on a bar screw, moving it where it stands elsewhere. */
function recordOnBar(
  use: 'neutral' | 'ground',
  screw: string,
  cable: string,
  circuit: string | undefined,
  { site, panel, newId }: RecordingBench,
  drafts: Draft[],
): void {
  const known = panel.conductors.find(
    (conductor) => conductor.cable?.id === cable && conductor.function?.value === use,
  );
  const facts: Facts = {
    function: use,
    landsOn: screw,
    ...(circuit && { circuit }),
  };
  if (!known) {
    drafts.push(add('conductor', newId(), cable, facts));
    return;
  }
  const changed = changedFacts(site.reader, known.id, facts);
  if (Object.keys(changed).length > 0) drafts.push(observe(site.reader, known.id, changed));
}
