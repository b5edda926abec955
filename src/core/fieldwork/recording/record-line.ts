import type { Facts } from '../../record/entries/properties';
import { positionRef, terminalRef } from '../../record/entries/thing-types';
import { formOf } from '../../vocabulary/device-forms';
import { positionOfNumber } from '../../vocabulary/numbering';
import type { SiteView } from '../../installation/panel/site-view';
import type { DeviceView, PanelView } from '../../installation/panel/views';
import type { Line, PositionLine } from '../../record/shorthand/line';
import { marks } from '../../record/shorthand/line';
import { findScrews } from './bar-screws';
import { deviceAt } from './device-at';
import { recordBecomes, replacementOf } from './record-becomes';
import { reformDevice } from './reform-device';
import { takeOutDevice } from './take-out-device';
import type { Draft } from './draft';
import { add, changedFacts, observe } from './draft';
import { recordBar, recordFed, recordMain } from './record-panel-line';
import { recordWires } from './record-wires';
import type { Recorded, RecordingBench } from './recording-bench';

/** Turns a line into entries, correcting what stands at its position where something does. */
export function recordLine(line: Line, bench: RecordingBench): Recorded {
  const { site, panel, newId } = bench;
  switch (line.kind) {
    case 'panel': {
      const changed = changedFacts(site.reader, panel.id, line.facts);
      return {
        ok: true,
        drafts:
          Object.keys(changed).length > 0
            ? [observe(site.reader, panel.id, changed, line.certainty ?? 'seen')]
            : [],
      };
    }
    case 'note':
      return site.site
        ? { ok: true, drafts: [add('note', newId(), site.site, { words: line.words })] }
        : { ok: false, message: 'there is no place to note it for' };
    case 'fed':
      return recordFed(line, bench);
    case 'bar':
      return recordBar(line, bench);
    case 'main':
      return { ok: true, drafts: recordMain(line, bench) };
    default:
      if (line.becomes) return recordBecomes(line, bench);
      return line.opening ? recordOpening(line, bench) : recordBreaker(line, bench);
  }
}

/** An opening where a device was recorded says that it was never there; its wires are on no screw. */
function recordOpening(line: PositionLine, bench: RecordingBench): Recorded {
  const { site, panel } = bench;
  const position = panel.positions.find((one) => one.number === line.positions[0])!;
  const drafts: Draft[] = [];
  for (const device of position.devices) {
    const taken = takeOutDevice(device, { mistaken: true }, bench);
    if (taken.ok) drafts.push(...taken.drafts);
  }
  const facts: Facts = {
    opening: line.opening!,
    ...(line.liveMetal && { liveMetalInPlane: true }),
  };
  const changed = changedFacts(site.reader, position.ref, facts);
  return {
    ok: true,
    drafts: [
      ...drafts,
      ...(Object.keys(changed).length > 0 ? [observe(site.reader, position.ref, changed)] : []),
      ...markDrafts(line, position.ref, site, position.ref),
    ],
  };
}

function recordBreaker(line: PositionLine, bench: RecordingBench): Recorded {
  const { site, panel, newId } = bench;
  const { reader } = site;
  const standing = deviceAt(panel, line.positions[0]!, line.half);
  const form = formSaid(line, standing) ?? standing?.form ?? 'single-pole';
  const place = positionOfNumber(panel.layout, line.positions[0]!);
  if (!place) return { ok: false, message: `there is no position ${line.positions[0]}` };
  const facts: Facts = { ...replacementOf(line), form };
  const drafts: Draft[] = [];
  const device = standing?.id ?? newId();
  if (standing) {
    if (standing.number !== line.positions[0])
      return {
        ok: false,
        message: `position ${line.positions[0]} is the second pole of ${standing.label}: name ${standing.label}`,
      };
    const reformed = reform(standing, line, bench);
    if (reformed) return reformed;
    const changed = changedFacts(reader, device, facts);
    if (Object.keys(changed).length > 0) drafts.push(observe(reader, device, changed));
  } else
    drafts.push(
      add('device', device, panel.id, {
        place: { kind: 'position', ...place, ...(line.half && { half: line.half }) },
        ...facts,
      }),
    );

  const circuits = recordCircuits(line, form, device, standing, bench, drafts);
  const screws = findScrews(line, bench, drafts);
  if ('message' in screws) return { ok: false, message: screws.message };
  recordWires({ line, form, device, standing, circuits, screws, bench }, drafts);
  if (line.load && circuits[0]) recordLoad(line.load, circuits[0], bench, drafts);
  const shared = recordSharedNeutral(line, form, device, bench, drafts);
  if (shared) return { ok: false, message: shared };
  drafts.push(...markDrafts(line, device, site, positionRef(panel.id, place.column, place.row)));
  return { ok: true, drafts };
}

/** Whether each circuit of the old form lies in a circuit of its own of the new one. */
function holdsCircuits(form: DeviceView['form'], old: DeviceView['form']): boolean {
  const homes = formOf(old).circuits.map((before) =>
    formOf(form).circuits.findIndex((now) => before.every((index) => now.includes(index))),
  );
  return !homes.includes(-1) && new Set(homes).size === homes.length;
}

/**
 * The form a line says. A bare rating says one pole by itself; of a device with a wire on its second
 * screw it says the rating alone.
 */
function formSaid(
  line: PositionLine,
  standing: DeviceView | undefined,
): DeviceView['form'] | undefined {
  const implied = line.form === 'single-pole' && line.positions.length === 1;
  const wired = standing?.terminals.slice(1).some(({ conductors }) => conductors.length > 0);
  return implied && wired && line.wires === undefined ? standing!.form : line.form;
}

/** A recorded device of another form, its wires and circuits taken along; nothing where they fit as they are. */
function reform(
  standing: DeviceView,
  line: PositionLine,
  bench: RecordingBench,
): Recorded | undefined {
  const form = formSaid(line, standing) ?? standing.form;
  const fits =
    form === standing.form ||
    holdsCircuits(form, standing.form) ||
    standing.terminals.every(({ conductors, circuit }) => conductors.length === 0 && !circuit);
  if (fits) return undefined;
  if (line.wires || line.load || line.neutrals || line.grounds)
    return {
      ok: false,
      message: `${standing.label} is recorded as ${formOf(standing.form).short} with its wires: say its form, rating and names first, its wires in a line after it`,
    };
  return reformDevice(standing, { ...replacementOf(line), form }, bench, line.names);
}

/** One for a breaker, one for each half of a tandem, two or four for a quad. */
function recordCircuits(
  line: PositionLine,
  form: DeviceView['form'],
  device: string,
  standing: DeviceView | undefined,
  { site, panel, newId }: RecordingBench,
  drafts: Draft[],
): string[] {
  return formOf(form).circuits.flatMap((indexes, index) => {
    const terminals = indexes.map((at) => terminalRef(device, at + 1));
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
  bench: RecordingBench,
  drafts: Draft[],
): void {
  const standing = bench.panel.circuits.find((one) => one.id === circuit)?.loads[0];
  if (standing) {
    const changed = changedFacts(bench.site.reader, standing.id, load);
    if (Object.keys(changed).length > 0)
      drafts.push(observe(bench.site.reader, standing.id, changed));
  } else drafts.push(add('load', bench.newId(), circuit, load));
}

/** Adds this breaker to the multiwire circuit of the other. Returns why it cannot. */
function recordSharedNeutral(
  line: PositionLine,
  form: DeviceView['form'],
  device: string,
  bench: RecordingBench,
  drafts: Draft[],
): string | undefined {
  if (line.sharesWith === undefined) return undefined;
  const { panel, site, newId } = bench;
  const other = deviceAt(panel, line.sharesWith);
  if (!other) return `no breaker is recorded at ${line.sharesWith} yet: record it first`;
  if (other.id === device && formOf(form).terminals.length < 2)
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
  { reader }: SiteView,
  position: string,
): Draft[] {
  const facts: Facts = {};
  const drafts: Draft[] = [];
  for (const mark of line.marks) {
    if (mark === 'burned' || mark === 'bright') {
      const changed = changedFacts(reader, position, { busCondition: mark });
      if (Object.keys(changed).length > 0) drafts.push(observe(reader, position, changed));
    } else Object.assign(facts, marks[mark].facts);
  }
  const changed = changedFacts(reader, about, facts);
  return Object.keys(changed).length > 0 ? [observe(reader, about, changed), ...drafts] : drafts;
}
