import type { Facts } from '../entries/properties';
import { positionRef, terminalRef } from '../entries/thing-types';
import { positionOfNumber } from '../panel/numbering';
import type { SiteView } from '../panel/site-view';
import type { BarView, DeviceView, PanelView } from '../panel/views';
import type { BarScrew, Line, PositionLine } from '../shorthand/line';
import type { Draft } from './draft';
import { add, changedFacts, observe } from './draft';
import type { Screws } from './record-wires';
import { recordWires } from './record-wires';

export type Recorded = { ok: true; drafts: Draft[] } | { ok: false; message: string };

interface Bench {
  site: SiteView;
  panel: PanelView;
  newId(): string;
}

/** Turns a line into entries, correcting what stands at its position where something does. */
export function recordLine(line: Line, bench: Bench): Recorded {
  const { site, panel, newId } = bench;
  const { reader } = site;
  if (line.kind === 'panel') {
    const facts: Facts = {
      ...(line.bond && { bond: line.bond }),
      ...(line.depthMm !== undefined && { depthMm: line.depthMm }),
    };
    return {
      ok: true,
      drafts: [observe(reader, panel.id, facts, line.depthMm === undefined ? 'seen' : 'measured')],
    };
  }
  if (line.kind === 'main') {
    const facts: Facts = {
      handleRatingsA: [line.ratingA],
      ...(line.maker && { maker: line.maker }),
    };
    const drafts = panel.main
      ? [observe(reader, panel.main.id, facts)]
      : [add('device', newId(), panel.id, { place: { kind: 'main' }, form: 'two-pole', ...facts })];
    return { ok: true, drafts };
  }
  return line.opening ? recordOpening(line, bench) : recordBreaker(line, bench);
}

function recordOpening(line: PositionLine, { site, panel }: Bench): Recorded {
  const position = panel.positions.find((one) => one.number === line.positions[0])!;
  const drafts = position.devices.map((device) =>
    observe(site.reader, device.id, { removed: true }),
  );
  const facts: Facts = {
    opening: line.opening!,
    ...(line.liveMetal && { liveMetalInPlane: true }),
  };
  return {
    ok: true,
    drafts: [
      ...drafts,
      observe(site.reader, position.ref, facts),
      ...markDrafts(line, position.ref, site, panel),
    ],
  };
}

function recordBreaker(line: PositionLine, bench: Bench): Recorded {
  const { site, panel, newId } = bench;
  const { reader } = site;
  const standing = deviceAt(panel, line.positions[0]!);
  const form = line.form ?? standing?.form ?? 'single-pole';
  const place = positionOfNumber(panel.numbering, panel.rows ?? 0, line.positions[0]!)!;
  const facts: Facts = {
    form,
    ...(line.ratingsA && { handleRatingsA: line.ratingsA }),
    ...(line.maker && { maker: line.maker }),
    ...(line.breakerType && { breakerType: line.breakerType }),
    ...(line.takes && { terminalTakes: line.takes }),
    ...(line.tie && { tie: line.tie }),
  };
  const drafts: Draft[] = [];
  const device = standing?.id ?? newId();
  if (standing) {
    if (standing.number !== line.positions[0])
      return {
        ok: false,
        message: `position ${line.positions[0]} is the second pole of ${standing.label}: name ${standing.label}`,
      };
    const changed = changedFacts(reader, device, facts);
    if (Object.keys(changed).length > 0) drafts.push(observe(reader, device, changed));
  } else
    drafts.push(
      add('device', device, panel.id, { place: { kind: 'position', ...place }, ...facts }),
    );

  const circuits = recordCircuits(line, form, device, standing, bench, drafts);
  const screws = barScrews(line, panel);
  if ('message' in screws) return { ok: false, message: screws.message };
  recordWires({ line, form, device, standing, circuits, screws, bench }, drafts);
  if (line.load && circuits[0]) recordLoad(line.load, circuits[0], bench, drafts);
  const shared = recordSharedNeutral(line, device, bench, drafts);
  if (shared) return { ok: false, message: shared };
  drafts.push(
    ...markDrafts(line, device, site, panel, positionRef(panel.id, place.column, place.row)),
  );
  return { ok: true, drafts };
}

export function deviceAt(panel: PanelView, number: number): DeviceView | undefined {
  return panel.positions.find((position) => position.number === number)?.devices[0];
}

/** A circuit for each name: one for a breaker, one for each half of a tandem. */
function recordCircuits(
  line: PositionLine,
  form: DeviceView['form'],
  device: string,
  standing: DeviceView | undefined,
  { site, panel, newId }: Bench,
  drafts: Draft[],
): string[] {
  const halves = form === 'tandem' ? [[1], [2]] : form === 'two-pole' ? [[1, 2]] : [[1]];
  return halves.flatMap((numbers, index) => {
    const terminals = numbers.map((number) => terminalRef(device, number));
    const known = standing?.terminals.find((terminal) => terminals.includes(terminal.ref))?.circuit;
    const name = line.names[index];
    if (known) {
      const facts = changedFacts(site.reader, known.id, { terminals, ...(name && { name }) });
      if (Object.keys(facts).length > 0) drafts.push(observe(site.reader, known.id, facts));
      return known.id;
    }
    if (!name && !line.load && !line.wires) return [];
    const id = newId();
    drafts.push(add('circuit', id, panel.id, { terminals, ...(name && { name }) }));
    return id;
  });
}

function recordLoad(
  load: NonNullable<PositionLine['load']>,
  circuit: string,
  bench: Bench,
  drafts: Draft[],
): void {
  const standing = bench.panel.circuits.find((one) => one.id === circuit)?.loads[0];
  if (standing) drafts.push(observe(bench.site.reader, standing.id, load));
  else drafts.push(add('load', bench.newId(), circuit, load));
}

/** The bar screws the line names, or why there are none. */
function barScrews(line: PositionLine, panel: PanelView): Screws | { message: string } {
  const find = (screw: BarScrew | undefined): string | undefined | { message: string } => {
    if (!screw) return undefined;
    const bar: BarView | undefined = panel.bars.find((one) => one.kind === screw.bar);
    if (!bar) return { message: `record the ${screw.bar} bar first` };
    if (screw.number < 1 || screw.number > (bar.count ?? 0))
      return {
        message: `the ${screw.bar} bar has screws 1 to ${bar.count ?? 0}, not ${screw.number}`,
      };
    return terminalRef(bar.id, screw.number);
  };
  const [neutral, ground] = [find(line.neutral), find(line.ground)];
  if (typeof neutral === 'object') return neutral;
  if (typeof ground === 'object') return ground;
  return { neutral, ground };
}

/** Adds this breaker to the multiwire circuit of the other. Returns why it cannot. */
function recordSharedNeutral(
  line: PositionLine,
  device: string,
  bench: Bench,
  drafts: Draft[],
): string | undefined {
  if (line.sharesWith === undefined) return undefined;
  const { panel, site, newId } = bench;
  const other = deviceAt(panel, line.sharesWith);
  if (!other) return `no breaker is recorded at ${line.sharesWith} yet: record it first`;
  if (other.id === device && line.form !== 'tandem')
    return 'a breaker shares its neutral with another one';
  const mine = terminalRef(device, other.id === device ? 2 : 1);
  const theirs = other.terminals[0]!;
  const group = panel.multiwires.find((one) => one.hots.some((hot) => hot.ref === theirs.ref));
  if (group) {
    const terminals = [...new Set([...group.hots.map((hot) => hot.ref), mine])];
    if (terminals.length > group.hots.length)
      drafts.push(observe(site.reader, group.id, { terminals }));
    return undefined;
  }
  const neutral = neutralOf(theirs.conductors, panel) ?? draftedNeutral(drafts);
  drafts.push(
    add('multiwire', newId(), panel.id, {
      terminals: [theirs.ref, mine],
      ...(neutral && { sharedNeutral: neutral }),
    }),
  );
  return undefined;
}

/** The neutral this very line adds. */
function draftedNeutral(drafts: readonly Draft[]): string | undefined {
  const draft = drafts.find((one) => one.kind === 'add' && one.facts.function === 'neutral');
  return draft?.kind === 'add' ? draft.thing : undefined;
}

/** The neutral that lies in the cable of these hots. */
function neutralOf(hots: PanelView['conductors'], panel: PanelView): string | undefined {
  const cables = hots.flatMap((hot) => hot.cable?.id ?? []);
  return panel.conductors.find(
    (conductor) =>
      conductor.function?.value === 'neutral' &&
      conductor.cable &&
      cables.includes(conductor.cable.id),
  )?.id;
}

function markDrafts(
  line: PositionLine,
  about: string,
  site: SiteView,
  panel: PanelView,
  position = about,
): Draft[] {
  const facts: Facts = {};
  for (const mark of line.marks) {
    if (mark === 'heat') facts.heatMark = true;
    if (mark === 'melted') facts.melted = true;
    if (mark === 'arc') facts.arcing = true;
    if (mark === 'damp') facts.moisture = true;
    if (mark === 'loose') facts.tightness = 'loose';
    if (mark === 'falls') facts.tightness = 'falls-off';
  }
  const drafts = Object.keys(facts).length > 0 ? [observe(site.reader, about, facts)] : [];
  if (line.marks.includes('burned'))
    drafts.push(observe(site.reader, position, { busCondition: 'burned' }));
  return drafts;
}
