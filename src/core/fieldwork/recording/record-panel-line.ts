import type { Facts } from '../../record/entries/properties';
import { terminalRef } from '../../record/entries/thing-types';
import type { BarLine, FedLine, MainLine } from '../../record/shorthand/line';
import { barOf } from './bar-screws';
import type { Draft } from './draft';
import { add, changedFacts, observe } from './draft';
import type { Recorded, RecordingBench } from './recording-bench';
import { recordWires } from './record-wires';

/** The main, or a pull-out block beside it, with what it feeds. */
export function recordMain(line: MainLine, bench: RecordingBench): Draft[] {
  const { site, panel, newId } = bench;
  const facts: Facts = {
    handleRatingsA: [line.ratingA],
    ...(line.maker && { maker: line.maker }),
  };
  const standing = line.pullOut
    ? panel.pullOuts.find((block) => block.number === -line.pullOut!)
    : panel.main;
  const device = standing?.id ?? newId();
  const form =
    line.form ?? standing?.form ?? (panel.kind === 'fuse' ? 'pull-out' : mainForm(bench));
  const drafts: Draft[] = [];
  if (standing) {
    const changed = changedFacts(site.reader, device, { form, ...facts });
    if (Object.keys(changed).length > 0) drafts.push(observe(site.reader, device, changed));
  } else
    drafts.push(
      add('device', device, panel.id, {
        place: line.pullOut ? { kind: 'pull-out', number: line.pullOut } : { kind: 'main' },
        form,
        ...facts,
      }),
    );
  if (!line.pullOut || (!line.name && !line.wires)) return drafts;
  const circuit = standing?.terminals[0]?.circuit?.id ?? newId();
  const known = standing?.terminals[0]?.circuit;
  if (!known)
    drafts.push(
      add('circuit', circuit, panel.id, {
        terminals: [terminalRef(device, 1), terminalRef(device, 2)],
        ...(line.name && { name: line.name }),
      }),
    );
  else if (line.name && known.name !== line.name)
    drafts.push(observe(site.reader, circuit, { name: line.name }));
  recordWires(
    {
      line: { ...(line.wires && { wires: line.wires }) },
      form: 'pull-out',
      device,
      standing,
      circuits: [circuit],
      screws: { neutrals: [], grounds: [] },
      bench,
    },
    drafts,
  );
  return drafts;
}

const mainForm = ({ panel }: RecordingBench) =>
  ['wye-208', 'wye-480', 'high-leg-delta'].includes(panel.system) ? 'three-pole' : 'two-pole';

/** A bar, or what is newly known of it. */
export function recordBar(line: BarLine, { site, panel, newId }: RecordingBench): Recorded {
  const nth = line.nth ?? 1;
  const standing = barOf(panel, line.bar, nth);
  const facts: Facts = {
    ...(line.screws && { terminalCount: line.screws }),
    ...(line.side && { side: line.side }),
    ...(line.holds !== undefined && { conductorCount: line.holds }),
    ...(line.takes && { screwTakesFrom: line.takes.from, screwTakesTo: line.takes.to }),
  };
  if (standing) {
    const changed = changedFacts(site.reader, standing.id, facts);
    return {
      ok: true,
      drafts: Object.keys(changed).length > 0 ? [observe(site.reader, standing.id, changed)] : [],
    };
  }
  if (nth > 1 && !barOf(panel, line.bar, nth - 1))
    return { ok: false, message: `there is no ${line.bar} bar ${nth - 1} yet` };
  if (!line.screws) return { ok: false, message: 'say how many screws the bar has' };
  const side = line.side ?? (line.bar === 'ground' ? 'right' : 'left');
  return {
    ok: true,
    drafts: [add('bar', newId(), panel.id, { barKind: line.bar, side, ...facts })],
  };
}

/** Hangs the panel on the only service, meter or disconnect there is. */
export function recordFed({ from }: FedLine, { site, panel }: RecordingBench): Recorded {
  const { reader } = site;
  const there = [...reader.inspection.things.values()].filter(
    (thing) => thing.type === from && !reader.value(thing.id, 'removed'),
  );
  const [only] = there;
  if (!only) return { ok: false, message: `no ${from} is recorded: add it in Supply` };
  if (there.length > 1)
    return {
      ok: false,
      message: `there are ${there.length} of the kind ${from}: choose in Supply`,
    };
  const changed = changedFacts(reader, panel.id, { fedFrom: only.id });
  return {
    ok: true,
    drafts: Object.keys(changed).length > 0 ? [observe(reader, panel.id, changed)] : [],
  };
}
