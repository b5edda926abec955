import { group } from 'd3-array';
import type { Entry } from '@/core/record/entries/entry';
import { compareEntries } from '@/core/record/entries/entry';
import type { Held, HeldDatabase } from './held';

/** What of one inspection is on this device alone. */
export interface HeldInspection {
  inspection: string;
  /** As it is called by what is held here; undefined: nothing held here says so. */
  place: string | undefined;
  /** It was begun on this device: the server does not know it yet. */
  begun: boolean;
  /** Entries that wait to be sent. */
  waiting: number;
  /** Why the server refused entries, each reason once. */
  refused: string[];
  refusedEntries: number;
}

/** What a member recorded here that has not arrived. */
export interface HeldOnDevice {
  inspections: HeldInspection[];
  /** Pictures that wait; of which inspection an entry says. */
  pictures: number;
  /** Why the server refused pictures, each reason once. */
  pictureFaults: string[];
  /** Entries that wait for somebody else who uses this device. */
  forOthers: number;
}

/** Looks through what this device holds, by inspection; those last recorded in first. */
export async function heldOnDevice(db: HeldDatabase, member: string): Promise<HeldOnDevice> {
  const all = await db.getAll('entries');
  const mine = all.filter((held) => held.member === member);
  const groups = group(mine, ({ inspection }) => inspection);
  const pictures = await db.getAllFromIndex('pictures', 'by-state', [member, 'waiting']);
  const refused = await db.getAllFromIndex('pictures', 'by-state', [member, 'refused']);
  return {
    inspections: [...groups]
      .filter(([, held]) => held.some(({ state }) => state !== 'arrived'))
      .sort(([, a], [, b]) => lastOf(b) - lastOf(a))
      .map(([inspection, held]) => heldInspection(inspection, held)),
    pictures: pictures.length,
    pictureFaults: reasonsOf(refused),
    forOthers: all.filter((held) => held.member !== member && held.state === 'waiting').length,
  };
}

function heldInspection(inspection: string, held: readonly Held[]): HeldInspection {
  const refused = held.filter(({ state }) => state === 'refused');
  const entries = held
    .filter(({ state }) => state !== 'refused')
    .map(({ entry }) => entry)
    .sort(compareEntries);
  const site = held.find(
    ({ entry, state }) => state !== 'refused' && entry.kind === 'add' && entry.type === 'site',
  );
  return {
    inspection,
    place: placeOf(entries),
    begun: site?.state === 'waiting',
    waiting: held.filter(({ state }) => state === 'waiting').length,
    refused: reasonsOf(refused),
    refusedEntries: refused.length,
  };
}

/** The last name that was given to the place. */
function placeOf(entries: readonly Entry[]): string | undefined {
  const site = entries.find((entry) => entry.kind === 'add' && entry.type === 'site');
  if (site?.kind !== 'add') return undefined;
  const names = entries.flatMap((entry) =>
    entry === site || (entry.kind === 'observe' && entry.about === site.thing)
      ? [(entry as { facts: Record<string, unknown> }).facts.name]
      : [],
  );
  return names.filter((name) => typeof name === 'string').at(-1);
}

const reasonsOf = (all: readonly { reason?: string }[]): string[] => [
  ...new Set(all.map(({ reason }) => reason ?? 'The server did not say why.')),
];

/** What was set aside because it cannot be read may say no time. */
const lastOf = (held: readonly Held[]): number =>
  held.reduce(
    (last, { entry }) => Math.max(last, Date.parse((entry as Entry | null)?.at ?? '') || 0),
    0,
  );
