import type { Facts } from '../entries/properties';
import { terminalRef } from '../entries/thing-types';
import type { SiteView } from '../panel/site-view';
import type { ConductorView, DeviceView, PanelView } from '../panel/views';
import type { PositionLine, Wire } from '../shorthand/line';
import type { Draft } from './draft';
import { add, changedFacts, observe } from './draft';

/** The bar screws a line names. */
export interface Screws {
  neutral: string | undefined;
  ground: string | undefined;
}

interface Wiring {
  line: PositionLine;
  form: DeviceView['form'];
  device: string;
  standing: DeviceView | undefined;
  circuits: readonly string[];
  screws: Screws;
  bench: { site: SiteView; panel: PanelView; newId(): string };
}

/**
 * The line states everything under each screw: wires that stand are corrected in order, further
 * ones added, the rest taken off, and the count written. Neutral and ground come with the cable.
 */
export function recordWires(wiring: Wiring, drafts: Draft[]): void {
  const { line, form, device, standing, circuits, screws, bench } = wiring;
  const screwCount = form === 'single-pole' ? 1 : 2;
  const cables: (string | undefined)[] = [];
  for (let index = 0; index < screwCount; index += 1) {
    const circuit = circuits[form === 'tandem' ? index : 0];
    const shared = form === 'two-pole' && index > 0;
    const known =
      standing?.terminals[index]?.conductors[0]?.cable?.id ?? (shared ? cables[0] : undefined);
    const needed = line.wires ?? line.cableKind ?? screws.neutral ?? screws.ground;
    const cable = known ?? (needed ? bench.newId() : undefined);
    cables.push(cable);
    if (!cable) continue;
    const kind: Facts = line.cableKind ? { cableKind: line.cableKind } : {};
    if (!known) drafts.push(add('cable', cable, bench.panel.id, kind));
    else if (!shared && line.cableKind) drafts.push(observe(bench.site.reader, cable, kind));
    const wires = line.wires?.[index];
    if (wires)
      recordScrew(
        terminalRef(device, index + 1),
        wires,
        cable,
        circuit,
        standing?.terminals[index]?.conductors ?? [],
        line.maybeMore ?? false,
        bench,
        drafts,
      );
  }
  const cable = cables[0];
  if (!cable) return;
  recordOnBar('neutral', screws.neutral, cable, circuits[0], bench, drafts);
  recordOnBar('ground', screws.ground, cable, circuits[0], bench, drafts);
}

function recordScrew(
  ref: string,
  wires: readonly Wire[],
  cable: string,
  circuit: string | undefined,
  standing: readonly ConductorView[],
  maybeMore: boolean,
  { site, newId, panel }: Wiring['bench'],
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
      const holder = index === 0 ? cable : newId();
      if (holder !== cable) drafts.push(add('cable', holder, panel.id, {}));
      drafts.push(add('conductor', newId(), holder, facts));
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
  screw: string | undefined,
  cable: string,
  circuit: string | undefined,
  { site, panel, newId }: Wiring['bench'],
  drafts: Draft[],
): void {
  if (!screw) return;
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
