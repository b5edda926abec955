import type { PropertyValue } from '../../record/entries/properties';
import { splitRef } from '../../record/entries/thing-types';
import type { ConductorView, PanelView } from '../../installation/panel/views';
import { Changes } from './changes';
import type { Recorded, RecordingBench } from './recording-bench';

/** Conductors of a panel that are known to lie on no screw. */
export const looseWires = (panel: PanelView): ConductorView[] =>
  panel.conductors.filter(({ landsOn }) => landsOn?.value === null);

/** Circuits that start from no screw: their breaker was taken out, or they were joined to others. */
export const circuitsOffScrews = (panel: PanelView) =>
  panel.circuits.filter(({ terminals }) => terminals.length === 0);

/** Puts a conductor under a screw, with its circuit where the screw has none. */
export function landWire(
  conductor: ConductorView,
  screw: string,
  { panel, site: { reader } }: RecordingBench,
): Recorded {
  const changes = new Changes(reader);
  const terminal = panel.terminals.get(screw);
  const bar = panel.bars.find(({ id }) => id === splitRef(screw).thing);
  const there = terminal ?? bar?.terminals.find(({ ref }) => ref === screw);
  if (!there) return { ok: false, message: 'there is no such screw in this panel' };
  changes.say(conductor.id, {
    landsOn: screw,
    ...(reader.value(conductor.id, 'endState') && { endState: 'landed' }),
  });
  const count = reader.value(screw, 'conductorCount');
  if (count !== undefined)
    changes.say(screw, { conductorCount: Math.max(count, there.conductors.length) + 1 });
  const own = reader.value(conductor.id, 'circuit');
  if (terminal?.circuit) changes.say(conductor.id, { circuit: terminal.circuit.id });
  else if (terminal && own) {
    const terminals = reader.value(own, 'terminals') ?? [];
    changes.say(own, { terminals: [...new Set([...terminals, screw])] });
  }
  return { ok: true, drafts: changes.drafts };
}

/**
 * Says that a landed conductor is joined in the panel to a short wire, and that the short wire is
 * what lies under its screw.
 */
export function spliceWire(conductor: ConductorView, bench: RecordingBench): Recorded {
  const { site, panel, newId } = bench;
  const screw = conductor.landsOn?.value;
  if (!screw) return { ok: false, message: 'this wire lies under no screw' };
  const changes = new Changes(site.reader);
  const beyond = newId();
  const circuit = site.reader.value(conductor.id, 'circuit');
  changes.add('conductor', beyond, panel.id, {
    ...(conductor.function && { function: conductor.function.value }),
    landsOn: screw,
    ...(circuit && { circuit }),
  });
  changes.say(conductor.id, { landsOn: null, endState: 'joined', splicedTo: beyond });
  return { ok: true, drafts: changes.drafts };
}

/** Takes a conductor out of the panel; or says that it never was there. */
export function takeOutWire(
  conductor: ConductorView,
  mistaken: boolean,
  { site: { reader } }: RecordingBench,
): Recorded {
  const changes = new Changes(reader);
  const screw = conductor.landsOn?.value;
  changes.say(conductor.id, mistaken ? { removed: true } : { takenOut: true });
  const count = screw ? reader.value(screw, 'conductorCount') : undefined;
  if (screw && count) changes.say(screw, { conductorCount: count - 1 });
  return { ok: true, drafts: changes.drafts };
}

/** Takes a conductor off its screw; it stays where it is, as its end is. */
export function loosenWire(
  conductor: ConductorView,
  end: PropertyValue<'endState'>,
  { site: { reader } }: RecordingBench,
): Recorded {
  const changes = new Changes(reader);
  const screw = conductor.landsOn?.value;
  changes.say(conductor.id, { landsOn: null, endState: end });
  const count = screw ? reader.value(screw, 'conductorCount') : undefined;
  if (screw && count) changes.say(screw, { conductorCount: count - 1 });
  return { ok: true, drafts: changes.drafts };
}
