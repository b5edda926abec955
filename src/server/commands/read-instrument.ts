import 'server-only';
import { assess } from '@/core';
import type { PropertyName } from '@/core/record/entries/properties';
import { propertySpec } from '@/core/record/entries/properties';
import { isDead } from '@/core/model/tracing/decode';
import type { Probe, Sample } from '@/stand-ins/driver';
import { hiddenFaults } from '@/stand-ins/hidden-faults';
import { hiddenWiring } from '@/stand-ins/hidden-wiring';
import { shown } from '@/stand-ins/noise';
import { thermalPicture } from '@/stand-ins/thermal-picture';
import { truthOf, unitOf } from '@/stand-ins/truth';
import type { Session } from '../session';
import { readInspection } from './read-inspection';

export type Instrument =
  { ok: true; sample(tick: number, at: string): Sample } | { ok: false; fault: string };

/** Holds a stand-in instrument to a place of an inspection. Undefined: no such inspection here. */
export async function holdInstrument(
  session: Session,
  inspection: string,
  probe: { about: string; property: string },
  off: boolean,
): Promise<Instrument | undefined> {
  const stored = await readInspection(session, inspection);
  if (!stored) return undefined;
  const hidden = hiddenFaults[inspection];
  if (!hidden)
    return { ok: false, fault: 'Stand-ins answer in the practice houses of the demo alone.' };
  if (!propertySpec(probe.property))
    return { ok: false, fault: `Nothing is known as ${probe.property}.` };
  const truth = truthOf(assess(stored.entries, stored.settings), hidden, off);
  if ('fault' in truth)
    return { ok: false, fault: `The circuit model has no answer: ${truth.fault}.` };
  const known = probe as Probe & { property: PropertyName };
  const value = truth.at(known);
  if (value === undefined)
    return { ok: false, fault: 'This instrument has nothing to say of that place.' };
  const unit = unitOf(known);
  return {
    ok: true,
    sample: (tick, at) => ({
      value: shown(value, unit, `${inspection}|${probe.about}|${probe.property}|${tick}`),
      unit,
      at,
    }),
  };
}

/** The picture a stand-in thermal camera takes of a panel, as a table of °C. */
export async function takeThermalPicture(
  session: Session,
  inspection: string,
  panelId: string,
): Promise<string | undefined> {
  const stored = await readInspection(session, inspection);
  if (!stored) return undefined;
  const assessment = assess(stored.entries, stored.settings);
  const panel = assessment.site.panels.find(({ id }) => id === panelId);
  const hidden = hiddenFaults[inspection];
  if (!panel || !hidden) return undefined;
  const truth = truthOf(assessment, hidden);
  return 'at' in truth ? thermalPicture(panel, assessment.site, truth) : undefined;
}

/** Which outlets of a house of the demo are dead with a round's breakers off. */
export async function walkRound(
  session: Session,
  inspection: string,
  round: string,
): Promise<Record<string, 'dead' | 'alive'> | undefined> {
  const stored = await readInspection(session, inspection);
  const site = stored && assess(stored.entries, stored.settings).site;
  const thing = site?.reader.inspection.things.get(round);
  const panel = site?.panels.find(({ id }) => id === thing?.in);
  if (!site || thing?.type !== 'round' || !panel || !hiddenFaults[inspection]) return undefined;
  const off = new Set(site.reader.value(round, 'switchedOff') ?? []);
  return Object.fromEntries(
    [...hiddenWiring(inspection, panel)].map(([outlet, is]) => [
      outlet,
      isDead(is, off) ? 'dead' : 'alive',
    ]),
  );
}
