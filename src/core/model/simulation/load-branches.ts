import { circuitVolts } from '../../measure/load/circuit-load';
import type { SiteView } from '../../installation/panel/site-view';
import type { Leg } from '../../vocabulary/system';
import { systems } from '../../vocabulary/system';
import type { CircuitView, PanelView, TerminalView } from '../../installation/panel/views';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import type { Assuming } from './assumptions';
import { conductorOhm } from '../../codes/yardstick/conductor-ohm';
import type { Branch } from './network';
import { companions, joint } from './supply-branches';

/** W a leg of a panel is taken to carry where no load of it was recorded. */
const restingW: Record<Leg, number> = { A: 1200, B: 450, C: 700 };

/** Loads of a panel: measured, from nameplates, and what its legs carry besides. */
export function loadBranches(
  panel: PanelView,
  site: SiteView,
  yardstick: Yardstick,
  assuming: Assuming,
): Branch[] {
  const runMm =
    1000 *
    assuming.value({
      id: 'branch-run',
      words: 'Each branch circuit, its length',
      value: 15,
      unit: 'm',
      least: 1,
      most: 200,
      because: 'runs inside walls are not measured',
      about: site.site ?? panel.id,
    });
  const branches: Branch[] = [];
  const shared = new Map<string, string>();
  for (const { id, hots, neutral } of panel.multiwires) {
    const size = neutral?.size?.value;
    const ohm = conductorOhm(yardstick, size ?? '12', neutral?.metal?.value ?? 'cu', runMm);
    for (const hot of hots) shared.set(hot.ref, joint(id, 'N'));
    if (
      !assuming.closed(
        `shared:${id}`,
        `Shared neutral of ${hots.map(labelOf).join(' and ')}`,
        id,
        undefined,
        true,
      )
    )
      continue;
    branches.push({
      id: `shared:${id}`,
      from: joint(id, 'N'),
      to: returnJoint(panel, hots[0]),
      ohm,
      kind: 'neutral',
      words: `shared neutral of ${hots.map(labelOf).join(' and ')}`,
    });
  }
  const known: Record<Leg, number> = { A: 0, B: 0, C: 0 };
  const claimed = new Set<string>();
  for (const circuit of panel.circuits) {
    // A screw that two circuits claim has one load, that of the first; the conflict is shown.
    const terminals = circuit.terminals
      .flatMap((ref) => panel.terminals.get(ref) ?? [])
      .filter(({ ref }) => !claimed.has(ref));
    for (const { ref } of terminals) claimed.add(ref);
    branches.push(...shellBranches(circuit, terminals, panel, site, yardstick, runMm, assuming));
    for (const load of circuitLoads(circuit, terminals, panel, site)) {
      const hot = load.from.conductors[0];
      const wire = conductorOhm(
        yardstick,
        hot?.size?.value ?? '12',
        hot?.metal?.value ?? 'cu',
        runMm,
      );
      const home = load.to
        ? joint(panel.id, load.to.leg)
        : (shared.get(load.from.ref) ?? returnJoint(panel, load.from));
      const ways = load.to || !shared.has(load.from.ref) ? 2 : 1;
      branches.push({
        id: `load:${load.from.ref}${load.to ? `-${load.to.ref}` : ''}`,
        from: joint(panel.id, load.from.leg),
        to: home,
        ohm: load.ohm + ways * wire,
        kind: 'load',
        words: circuit.name ?? `circuit ${load.from.label}`,
      });
      known[load.from.leg] += load.watts / (load.to ? 2 : 1);
      if (load.to) known[load.to.leg] += load.watts / 2;
    }
  }
  return [...branches, ...restOfLegs(panel, known, site, assuming)];
}

interface CircuitLoadBranch {
  from: TerminalView;
  /** Undefined: to neutral. */
  to: TerminalView | undefined;
  ohm: number;
  watts: number;
}

function circuitLoads(
  circuit: CircuitView,
  terminals: TerminalView[],
  panel: PanelView,
  { reader }: SiteView,
): CircuitLoadBranch[] {
  const off = terminals.some((one) => {
    const state = reader.value(one.device.id, 'handleState');
    return state !== undefined && state !== 'on';
  });
  const [first, second, third] = terminals;
  if (!first || off) return [];
  const volts = circuitVolts(panel, circuit);
  const measured = terminals.map((one) => reader.value(one.ref, 'loadCurrentA'));
  const highest = Math.max(...measured.map((amps) => amps ?? 0));
  const listed = circuit.loads.reduce(
    (sum, one) => sum + (reader.value(one.id, 'listedW') ?? 0),
    0,
  );
  const phases = terminals.length === 3 ? Math.sqrt(3) : 1;
  const watts = measured.some((amps) => amps !== undefined) ? highest * volts * phases : listed;
  if (!(watts > 0)) return [];
  const load = (from: TerminalView, to: TerminalView | undefined, share: number) => ({
    from,
    to,
    ohm: (volts * volts) / (watts * share),
    watts: watts * share,
  });
  if (third)
    return [load(first, second, 1 / 3), load(second!, third, 1 / 3), load(third, first, 1 / 3)];
  return [load(first, second, 1)];
}

/** What a leg carries beyond the loads recorded: as clamped, else assumed. */
function restOfLegs(
  panel: PanelView,
  known: Record<Leg, number>,
  { reader }: SiteView,
  assuming: Assuming,
): Branch[] {
  const { legs, legToNeutralV } = systems[panel.system];
  const none = Object.values(known).every((watts) => watts === 0);
  return legs.flatMap((leg): Branch[] => {
    const volts = (legToNeutralV as Partial<Record<Leg, number>>)[leg]!;
    const clamped =
      leg === 'A'
        ? reader.value(panel.id, 'legA')
        : leg === 'B'
          ? reader.value(panel.id, 'legB')
          : reader.value(panel.id, 'legC');
    const high = panel.system === 'high-leg-delta' && leg === 'B';
    const rest =
      clamped === undefined
        ? none && !high
          ? restingW[leg]
          : 0
        : Math.max(0, clamped * volts - known[leg]);
    const watts = assuming.value({
      id: `rest:${panel.id}:${leg}`,
      words: `${panel.name}, other load on leg ${leg}`,
      value: rest,
      unit: 'W',
      least: 0,
      most: 24_000,
      because:
        clamped === undefined
          ? 'no load on it was measured'
          : 'as clamped, less the loads recorded',
      about: panel.id,
      recorded: clamped !== undefined,
    });
    return watts > 0
      ? [
          {
            id: `rest:${panel.id}:${leg}`,
            from: joint(panel.id, leg),
            to: joint(panel.id, 'N'),
            ohm: (volts * volts) / watts,
            kind: 'load',
            words: `other load on leg ${leg} of ${panel.name}`,
          },
        ]
      : [];
  });
}

/** Where the neutral of a circuit comes home: the neutral bar, or the ground bar it was landed on. */
function returnJoint(panel: PanelView, terminal: TerminalView | undefined): string {
  const hot = terminal?.conductors[0];
  const neutral = hot && companions(panel, hot).neutral;
  const bar = neutral?.landsOn?.value?.split('/')[0];
  const kind = panel.bars.find((one) => one.id === bar)?.kind;
  return joint(panel.id, kind === 'ground' ? 'G' : 'N');
}

const labelOf = ({ label }: TerminalView) => label;

/** W of the parts of a dryer or range that work from one leg to its neutral. */
const shellLoadW = 300;

/**
 * The frame of a dryer or range: on its ground with four wires, on its neutral with three, where the
 * part that works at 120 V brings the leg to the frame once that neutral opens.
 */
function shellBranches(
  circuit: CircuitView,
  [first]: readonly TerminalView[],
  panel: PanelView,
  { reader }: SiteView,
  yardstick: Yardstick,
  runMm: number,
  assuming: Assuming,
): Branch[] {
  if (!first) return [];
  return circuit.loads.flatMap(({ id, kind }): Branch[] => {
    const wires = reader.value(id, 'applianceWires');
    if (!wires) return [];
    const name = `${kind?.value === 'dryer' ? 'dryer' : 'range'}, ${circuit.name ?? first.label}`;
    const hot = first.conductors[0];
    const ohm = conductorOhm(yardstick, hot?.size?.value ?? '10', hot?.metal?.value ?? 'cu', runMm);
    const frame = joint(id, 'F');
    if (wires === 'four')
      return [
        {
          id: `frame:${id}`,
          from: joint(panel.id, 'G'),
          to: frame,
          ohm,
          kind: 'ground',
          words: `ground of the ${name}`,
        },
      ];
    const whole = assuming.closed(
      `frame:${id}`,
      `Neutral of the ${name}, which is its frame’s ground too`,
      id,
      undefined,
      true,
    );
    return [
      ...(whole
        ? [
            {
              id: `frame:${id}`,
              from: frame,
              to: returnJoint(panel, first),
              ohm,
              kind: 'neutral' as const,
              words: `neutral and frame of the ${name}`,
            },
          ]
        : []),
      {
        id: `frame-load:${id}`,
        from: joint(panel.id, first.leg),
        to: frame,
        ohm: 120 ** 2 / shellLoadW + ohm,
        kind: 'load',
        words: `motor and lamp of the ${name}`,
      },
    ];
  });
}
