import { standsToday } from '../../installation/panel/standing-in';
import type { SiteView } from '../../installation/panel/site-view';
import type { ConductorView, DeviceView, PanelView } from '../../installation/panel/views';
import { deviceCircuitWords } from '../../installation/panel/words';
import { formOf } from '../../vocabulary/device-forms';
import { listed } from '../../vocabulary/phrases';
import type { SpotKey } from '../placing/placement-problem';
import { covered } from '../placing/placement-problem';
import { spotKey } from '../remedies/panel-work/pieces';
import { looksFirst } from './looks-first';

/** What is done at positions, one thing at a time. */
export type MoveKind =
  'blank-off' | 'out' | 'lift' | 'move' | 'renew' | 'join' | 'new' | 'blank' | 'wire';

/** One step with a breaker, a blank or a wire in a panel that is dead. */
export interface Move {
  kind: MoveKind;
  says: string;
  /** Positions left by it, and positions taken by it. */
  from: readonly SpotKey[];
  to: readonly SpotKey[];
  /** Positions of the tandem whose second half it goes to. */
  into?: readonly SpotKey[];
  /** Device before it and after it, by id. */
  device: { before: string | undefined; after: string | undefined };
  /** What has to be looked at first: whether wires reach, and what nobody has seen of stab and breaker. */
  asks: string | undefined;
}

interface Step extends Move {
  /** Index of the step that has to be done before. */
  after?: Step;
}

/** Steps from a panel as it is to a panel as it will be, none of which puts two things in one place. */
export function movesBetween(
  before: { site: SiteView; panel: PanelView },
  after: { site: SiteView; panel: PanelView },
): Move[] {
  const steps = stepsBetween(before, after);
  return [...inTurn(steps, startOf(before.panel)), ...wiresOf(before, after)];
}

/** Positions taken at the start, by a device or a blank. */
function startOf(panel: PanelView): Set<SpotKey> {
  return new Set(
    panel.positions
      .filter(
        ({ devices, opening }) =>
          devices.length > 0 || (opening !== undefined && opening.value !== 'open'),
      )
      .map(spotKey),
  );
}

const keysOf = (device: DeviceView) => covered(spotKey(device), device.height);

/** "7 (hall)": a breaker by its number and what it feeds. */
function named(device: DeviceView): string {
  const feeds = deviceCircuitWords(device);
  return feeds === '' ? device.label : `${device.label} (${feeds})`;
}

/** "two poles 30 A" */
function kindWords(device: DeviceView): string {
  const ratings = [...new Set(device.terminals.flatMap(({ handleA }) => handleA ?? []))];
  const short = formOf(device.form).short;
  return ratings.length === 0 ? short : `${short} ${ratings.join('/')} A`;
}

function stepsBetween(
  before: { site: SiteView; panel: PanelView },
  after: { site: SiteView; panel: PanelView },
): Step[] {
  const step = stepMaker(before);
  const today = standsToday(after.site.reader);
  const stands = (panel: PanelView) => panel.devices.filter((one) => one.stands === 'position');
  const now = new Map(stands(after.panel).map((one) => [one.id, one]));
  const known = new Set<string>();
  const steps: Step[] = [];
  const at = new Map<string, Step>();
  const joins: { device: DeviceView; host: DeviceView }[] = [];
  for (const was of stands(before.panel)) {
    const is = now.get(today(was.id));
    if (!is) {
      const host = hostOf(was, after);
      if (host) joins.push({ device: was, host });
      else steps.push(step('out', `Breaker ${named(was)} out`, was, undefined));
      continue;
    }
    known.add(is.id);
    const same = spotKey(was) === spotKey(is);
    if (same && was.id === is.id) continue;
    const made =
      was.id === is.id
        ? step('move', `Breaker ${named(was)} to ${is.label}, with its wires`, was, is)
        : step('renew', renewWords(was, is), was, is);
    at.set(is.id, made);
    steps.push(made);
  }
  for (const is of now.values())
    if (!known.has(is.id)) {
      const made = step('new', `New: ${kindWords(is)} at ${named(is)}`, undefined, is);
      at.set(is.id, made);
      steps.push(made);
    }
  for (const { device, host } of joins) {
    const made = step(
      'join',
      `Wire of ${named(device)} to the second half of the tandem at ${host.label}; breaker ${device.label} out`,
      device,
      undefined,
      spotKey(host),
    );
    const first = at.get(host.id);
    steps.push({
      ...made,
      into: keysOf(host),
      device: { before: device.id, after: host.id },
      ...(first && { after: first }),
    });
  }
  return [...steps, ...blanksOf(before, after)];
}

const renewWords = (was: DeviceView, is: DeviceView): string => {
  const what = kindWords(is) === kindWords(was) ? 'a new one alike' : kindWords(is);
  return spotKey(was) === spotKey(is)
    ? `${named(was)}: ${what} in place of the old`
    : `${named(was)} out; ${what} at ${is.label}, with its wires`;
};

/** Steps with what has to be looked at before each. */
function stepMaker(before: { site: SiteView; panel: PanelView }) {
  const asksOf = looksFirst(before);
  return (
    kind: MoveKind,
    says: string,
    was: DeviceView | undefined,
    is: DeviceView | undefined,
    reaches = is && spotKey(is),
  ): Step => ({
    kind,
    says,
    from: was ? keysOf(was) : [],
    to: is ? keysOf(is) : [],
    device: { before: was?.id, after: is?.id },
    asks: asksOf(was, is, reaches),
  });
}

/** The device whose further screw holds the wire of one that is gone. */
function hostOf(was: DeviceView, { panel }: { panel: PanelView }): DeviceView | undefined {
  const wires = new Set(was.terminals.flatMap(({ conductors }) => conductors.map(({ id }) => id)));
  return panel.devices.find(
    ({ form, terminals }) =>
      form === 'tandem' &&
      terminals.some(({ conductors }) => conductors.some(({ id }) => wires.has(id))),
  );
}

/** Blanks that come off where something goes, and those that go where something left. */
function blanksOf(
  before: { panel: PanelView },
  after: { site: SiteView; panel: PanelView },
): Step[] {
  const then = new Map(after.panel.positions.map((one) => [spotKey(one), one]));
  const off: Step[] = [];
  const on: { key: SpotKey; number: number; barred: boolean }[] = [];
  for (const was of before.panel.positions) {
    const key = spotKey(was);
    const is = then.get(key);
    if (!is) continue;
    const closed = (value: string | undefined) => value !== undefined && value !== 'open';
    const wasBlank = was.devices.length === 0 && closed(was.opening?.value);
    const isBlank = is.devices.length === 0 && closed(is.opening?.value);
    if (wasBlank && is.devices.length > 0)
      off.push(blankStep('blank-off', `Blank off ${was.number}`, [key], []));
    if (isBlank && !wasBlank)
      on.push({
        key,
        number: was.number,
        barred: after.site.reader.value(is.ref, 'barred') === true,
      });
  }
  const put = [false, true].flatMap((barred) => {
    const some = on.filter((one) => one.barred === barred);
    if (some.length === 0) return [];
    const numbers = listed(some.map(({ number }) => number));
    return blankStep(
      'blank',
      barred ? `Blank in ${numbers}, marked: not to be used` : `Blank in ${numbers}`,
      [],
      some.map(({ key }) => key),
    );
  });
  return [...off, ...put];
}

const blankStep = (
  kind: MoveKind,
  says: string,
  from: readonly SpotKey[],
  to: readonly SpotKey[],
): Step => ({
  kind,
  says,
  from,
  to,
  device: { before: undefined, after: undefined },
  asks: undefined,
});

/** Within what can be done next, what frees comes before what fills. */
const rank: Record<MoveKind, number> = {
  'blank-off': 0,
  out: 1,
  lift: 1,
  renew: 2,
  move: 2,
  join: 3,
  new: 4,
  blank: 5,
  wire: 6,
};

/**
 * The steps in an order in which each finds its place empty. Where they wait for each other in a ring one
 * breaker is taken out and laid aside first.
 */
function inTurn(steps: readonly Step[], taken: Set<SpotKey>): Move[] {
  const waiting = [...steps].sort((a, b) => rank[a.kind] - rank[b.kind]);
  const done = new Set<Step>();
  const turn: Move[] = [];
  while (waiting.length > 0) {
    const next = waiting.findIndex(
      (one) =>
        (!one.after || done.has(one.after)) &&
        one.to.every((key) => !taken.has(key) || one.from.includes(key)),
    );
    const one = waiting[next];
    if (one) {
      waiting.splice(next, 1);
      one.from.forEach((key) => taken.delete(key));
      one.to.forEach((key) => taken.add(key));
      done.add(one);
      turn.push(plain(one));
      continue;
    }
    const ring = waiting.find(
      ({ kind, from }) => (kind === 'move' || kind === 'renew') && from.length,
    );
    if (!ring) throw new Error('steps that wait for each other and move nothing');
    ring.from.forEach((key) => taken.delete(key));
    turn.push({
      ...plain(ring),
      kind: 'lift',
      says: `${ring.says.replace(/^Breaker (\S+( \([^)]*\))?).*$/, 'Breaker $1')}: out and laid aside with its wires`,
      to: [],
      asks: undefined,
    });
    ring.from = [];
  }
  return turn;
}

const plain = ({ after: _, ...move }: Step): Move => move;

/** Neutrals and grounds that go to another screw. */
function wiresOf(before: { panel: PanelView }, after: { panel: PanelView }): Move[] {
  const was = new Map(before.panel.conductors.map((one) => [one.id, one]));
  return after.panel.conductors.flatMap((wire): Move[] => {
    const old = was.get(wire.id);
    if (!old || !onBar(after.panel, wire) || old.landsOn?.value === wire.landsOn?.value) return [];
    const use = wire.function?.value ?? 'wire';
    const to = screwWords(after.panel, wire);
    const from = screwWords(before.panel, old);
    return [
      {
        kind: 'wire',
        says: `${use.charAt(0).toUpperCase()}${use.slice(1)}${from === undefined ? '' : ` off ${from}`} to ${to}`,
        from: [],
        to: [],
        device: { before: undefined, after: undefined },
        asks: undefined,
      },
    ];
  });
}

const onBar = (panel: PanelView, { landsOn }: ConductorView): boolean =>
  panel.bars.some(({ id }) => landsOn?.value?.split('/')[0] === id);

function screwWords(panel: PanelView, { landsOn }: ConductorView): string | undefined {
  for (const { kind, terminals } of panel.bars) {
    const screw = terminals.find(({ ref }) => ref === landsOn?.value);
    if (screw)
      return `screw ${screw.number} of the ${kind ?? ''} bar`.replace('the  bar', 'the bar');
  }
  return undefined;
}
