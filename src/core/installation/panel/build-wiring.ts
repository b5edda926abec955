import { cableYear } from './cable-age';
import type { Thing } from '../../record/entries/inspection';
import { compareSizes } from '../../vocabulary/size';
import { terminalRef } from '../../record/entries/thing-types';
import type { FactReader } from '../../record/entries/fact-reader';
import type {
  BarTerminalView,
  BarView,
  CableView,
  ConductorView,
  DeviceView,
  MultiwireView,
  PanelView,
  TerminalView,
} from './views';

/** Conductors that stand in the panel or in one of its cables. */
export function buildConductors(
  held: readonly Thing[],
  cables: readonly CableView[],
  children: ReadonlyMap<string | null, Thing[]>,
  reader: FactReader,
): ConductorView[] {
  const view = (id: string, cable: CableView | undefined): ConductorView => ({
    id,
    cable,
    function: reader.fact(id, 'function'),
    size: reader.fact(id, 'size'),
    metal: reader.fact(id, 'metal'),
    colour: reader.fact(id, 'colour'),
    insulation: reader.value(id, 'insulationKind'),
    landsOn: reader.fact(id, 'landsOn'),
    splicedTo: reader.value(id, 'splicedTo'),
  });
  const conductors: ConductorView[] = [];
  for (const cable of cables)
    for (const thing of children.get(cable.id) ?? [])
      if (thing.type === 'conductor') conductors.push(view(thing.id, cable));
  for (const thing of held)
    if (thing.type === 'conductor') conductors.push(view(thing.id, undefined));
  for (const cable of cables) takeFromCable(cable, conductors, reader);
  return conductors;
}

/** Cables made in one piece: hot and neutral are of one size and metal. */
const sheathed: ReadonlySet<string> = new Set(['nm', 'ac', 'uf']);
/** From this year on grounds were made as large as hots up to 10 AWG: older ones were not. */
const fullGroundSince = 1985;

/**
 * A neutral of a sheathed cable has the size and metal of its hot, where nobody read its own; a ground
 * too, up to 10 AWG (Table 250.122), where the age of the cable is known to be one that made it so.
 * Older cables have smaller grounds, armoured ones a thin strip or none. Known as inferred, by the entry
 * that read the hot.
 */
function takeFromCable(cable: CableView, conductors: ConductorView[], reader: FactReader): void {
  if (!cable.kind || !sheathed.has(cable.kind.value)) return;
  const own = conductors.filter((one) => one.cable === cable);
  const hot = own.find((one) => one.function?.value === 'hot' && one.size && one.metal);
  if (!hot) return;
  const groundAsHot =
    cable.kind.value !== 'ac' &&
    (cableYear(reader, cable.id)?.year ?? 0) >= fullGroundSince &&
    compareSizes(hot.size!.value, '10') <= 0;
  for (const one of own) {
    const use = one.function?.value;
    if (use !== 'neutral' && use !== 'ground') continue;
    if (use === 'ground' && !groundAsHot) continue;
    one.size ??= { ...hot.size!, certainty: 'inferred' };
    one.metal ??= { ...hot.metal!, certainty: 'inferred' };
  }
}

export function buildBars(
  ids: readonly string[],
  conductors: readonly ConductorView[],
  reader: FactReader,
): BarView[] {
  return ids.map((id) => {
    const kind = reader.value(id, 'barKind');
    const count = reader.value(id, 'terminalCount');
    const bar: BarView = {
      id,
      kind,
      forBoth: reader.value(id, 'forBoth') === true,
      count,
      side: reader.value(id, 'side') ?? (kind === 'ground' ? 'right' : 'left'),
      terminals: [],
      landed: 0,
    };
    // Not counted: as many as the highest that is used, and maybe more.
    const length = count ?? highestUsed(id, conductors);
    bar.terminals = Array.from({ length }, (_, index) => ({
      ref: terminalRef(id, index + 1),
      bar,
      number: index + 1,
      conductors: [],
    }));
    return bar;
  });
}

const highestUsed = (bar: string, conductors: readonly ConductorView[]): number =>
  conductors.reduce((most, { landsOn }) => {
    const [thing, part] = landsOn?.value?.split('/') ?? [];
    return thing === bar && part ? Math.max(most, Number(part.slice(1))) : most;
  }, 0);

/** Puts each conductor under the screw it lands on. */
export function landConductors(
  conductors: readonly ConductorView[],
  devices: readonly DeviceView[],
  bars: readonly BarView[],
  outOfRange: PanelView['outOfRange'],
): void {
  const screws = new Map<string, TerminalView | BarTerminalView>();
  for (const device of devices)
    for (const terminal of device.terminals) screws.set(terminal.ref, terminal);
  for (const bar of bars) for (const terminal of bar.terminals) screws.set(terminal.ref, terminal);
  for (const conductor of conductors) {
    const target = conductor.landsOn?.value;
    if (!target) continue;
    const screw = screws.get(target);
    if (screw) {
      screw.conductors.push(conductor);
      if ('bar' in screw) screw.bar.landed += 1;
    } else
      outOfRange.push({
        about: conductor.id,
        reason: 'the screw it was recorded under is not there',
      });
  }
}

export function buildMultiwires(
  ids: readonly string[],
  terminals: PanelView['terminals'],
  conductors: readonly ConductorView[],
  reader: FactReader,
): MultiwireView[] {
  return ids.map((id) => {
    const fact = reader.fact(id, 'terminals');
    const neutral = reader.value(id, 'sharedNeutral');
    return {
      id,
      fact,
      hots: (fact?.value ?? []).flatMap((ref) => terminals.get(ref) ?? []),
      neutral: conductors.find((conductor) => conductor.id === neutral),
    };
  });
}
