import 'server-only';
import * as v from 'valibot';
import type { Entry } from '@/core/record/entries/entry';
import { parseIncoming } from '@/core';
import { FactReader } from '@/core/record/entries/fact-reader';
import { fold } from '@/core/record/entries/fold';
import { canonicalJson } from '@/core/vocabulary/canonical';
import type { Parsed } from '@/core/vocabulary/fault';
import { describeFault, faultsOf } from '@/core/vocabulary/fault';
import { inOrganisation } from '../db/connect';
import type { Transaction } from '../db/connect';
import { countsOf } from './figures';
import { figuresIn } from './figures-of';
import type { FollowedOn } from './followed-lately';
import { followedFromStart, followedOn, keepFollowed } from './followed-lately';
import {
  manyEntries,
  manyInsertedEntries,
  manySameEntries,
  manyVouchedEntries,
} from '../db/entries';
import type { InspectionRow } from '../db/inspections';
import { insertInspection, manyBehind, maybeOneInspectionLocked } from '../db/inspections';
import { insertJob } from '../db/queue';
import { oneOrganisation } from '../db/members';
import { last } from '../db/rows';
import { heavy } from '../heavy/pool';
import { isReadAtOnce } from '@/core/record/entries/incoming';
import { overrulingEntries } from '@/core/record/entries/overruling';
import { permissionWords } from '@/core/vocabulary/permission';
import type { Session } from '../session';
import { demand } from '../session';
import { loadStored, materialise, writeState } from './stored-inspection';

/** What became of one delivered entry. */
export type Delivery =
  { id: string; outcome: 'arrived' } | { id: string; outcome: 'refused'; reason: string };

export type Delivered = { ok: true; deliveries: Delivery[] } | { ok: false; fault: string };

export const mostEntriesAtOnce = 500;
/** So many that are not plain are read here; more of them beside. */
const fewEntries = 25;
/** Of so many at once what is found follows within the delivery; of more of them soon after it, in a job. */
const mostJudgedAtOnce = 100;

const batchSchema = v.object({
  inspection: v.pipe(v.string(), v.regex(/^[A-Za-z0-9_-]{1,64}$/, 'an inspection id')),
  entries: v.pipe(v.array(v.unknown()), v.maxLength(mostEntriesAtOnce)),
});

/**
 * Stores entries in the order given, each once by its id. Only the malformed, the unauthorised and what its
 * member may not are refused; what is impossible is kept, for the fold to list. The inspection is added by its
 * first entries.
 */
export async function deliverEntries(session: Session, input: unknown): Promise<Delivered> {
  demand(session, 'record');
  const batch = v.safeParse(batchSchema, input);
  if (!batch.success)
    return { ok: false, fault: faultsOf(batch.issues).map(describeFault).join('; ') };
  const { inspection, entries } = batch.output;
  const parsed =
    entries.length > fewEntries && entries.filter((raw) => !isReadAtOnce(raw)).length > fewEntries
      ? await heavy(session.organisation, 'parseEntries', entries)
      : entries.map((raw) => parseIncoming(raw));
  const first = new Map<string, Entry>();
  const readable = parsed.map((one, at) => readOne(session, first, one, entries[at]));
  let keep = (): void => undefined;
  const delivered = await inOrganisation(session.organisation, async (tx): Promise<Delivered> => {
    const read = await allowed(tx, session, inspection, readable);
    // What begins an inspection is an entry of it: none, or none that is taken, begins nothing.
    const row =
      (await maybeOneInspectionLocked(tx, inspection)) ??
      (read.some(({ entry }) => entry)
        ? await startInspection(tx, session, inspection)
        : undefined);
    if (!row) return { ok: true, deliveries: read.flatMap(({ refused }) => refused ?? []) };
    const { taken, added, vouched } = await write(tx, session, inspection, [
      ...new Map(read.flatMap(({ entry }) => (entry ? [[entry.id, entry] as const] : []))).values(),
    ]);
    if (added.length > mostJudgedAtOnce) await judgeLater(tx, session, row, added);
    else if (taken.size > 0) {
      const now = await restate(tx, session, row, added);
      const counts = { entries: row.entries + added.length, carried: row.carried - vouched };
      if (now) keep = () => keepFollowed(keyOf(session, inspection), counts, now);
    }
    const deliveries = read.map(({ entry, refused }): Delivery => {
      if (refused) return refused;
      return taken.has(entry.id)
        ? { id: entry.id, outcome: 'arrived' }
        : { id: entry.id, outcome: 'refused', reason: 'another entry has this id' };
    });
    return { ok: true, deliveries };
  });
  keep();
  return delivered;
}

const keyOf = ({ organisation }: Session, inspection: string) => `${organisation}/${inspection}`;

/**
 * Writes what lists show after entries were added: from where this process left it, where it knows it as it
 * stood. Gives what to keep once it is committed; what a client asked to be forgotten in is never kept. Nothing is
 * asked in this transaction after it.
 */
async function restate(
  tx: Transaction,
  session: Session,
  row: InspectionRow,
  added: readonly Entry[],
): Promise<FollowedOn | undefined> {
  const { organisation } = session;
  const known = row.erased_at ? undefined : followedOn(keyOf(session, row.id), row, added);
  const stored = known ? undefined : await loadStored(tx, row);
  const now = known ?? (stored && followedFromStart(stored.entries, stored.settings));
  if (now)
    await writeState(
      tx,
      organisation,
      row.id,
      figuresIn(now.followed.assessment, countsOf(now.followed.entries)),
      row.latest ?? undefined,
      last,
    );
  else if (stored) await materialise(tx, organisation, stored);
  return row.erased_at ? undefined : now;
}

/** Where an inspection is, as its first entries say. */
function siteSaid(entries: readonly Entry[]): { name: string; address: string } {
  const site = entries.find((entry) => entry.kind === 'add' && entry.type === 'site');
  const id = site?.kind === 'add' ? site.thing : '';
  const ofSite = entries.filter(
    (entry) =>
      entry === site || entry.kind === 'undo' || (entry.kind === 'observe' && entry.about === id),
  );
  const reader = new FactReader(fold(ofSite));
  return {
    name: reader.value(id, 'name') ?? 'Unnamed place',
    address: reader.value(id, 'address') ?? '',
  };
}

/** Lists it as it was, or by where it is, and has it judged as soon as this is committed. */
async function judgeLater(
  tx: Transaction,
  { organisation }: Session,
  { id, entries: before }: InspectionRow,
  added: readonly Entry[],
): Promise<void> {
  const { name, address } = before === 0 ? siteSaid(added) : { name: '', address: '' };
  await manyBehind(tx, organisation, {
    inspection: id,
    place: name,
    address,
    entries: added.length,
  });
  await insertJob(tx, 'rejudge', { organisation });
}

/** Refuses what overrules a grade where the member may not. */
async function allowed(
  tx: Transaction,
  { may }: Session,
  inspection: string,
  read: readonly ReadOne[],
): Promise<readonly ReadOne[]> {
  if (may.includes('overrule')) return read;
  const standing = (await manyEntries(tx, inspection)).map(({ body }) => body as Entry);
  const overruling = overrulingEntries(
    read.flatMap(({ entry }) => entry ?? []),
    standing,
  );
  const reason = `its author may not ${permissionWords.overrule} in this office`;
  return read.map((one) =>
    one.entry && overruling.has(one.entry.id)
      ? { refused: { id: one.entry.id, outcome: 'refused', reason } }
      : one,
  );
}

/**
 * Writes what is new and vouches for what a package brought before; gives the ids of all that stand there now
 * as delivered, and what of it is new.
 */
async function write(
  tx: Transaction,
  { organisation }: Session,
  inspection: string,
  entries: readonly Entry[],
): Promise<{ taken: Set<string>; added: Entry[]; vouched: number }> {
  const fresh = await manyInsertedEntries(tx, organisation, inspection, entries, null);
  const taken = new Set(fresh.map(({ id }) => id));
  const added = entries.filter(({ id }) => taken.has(id));
  if (taken.size === entries.length) return { taken, added, vouched: 0 };
  const same = await manySameEntries(tx, inspection, entries);
  const carried = same.flatMap(({ id, carried: by }) => (by === null ? [] : [id]));
  if (carried.length > 0) await manyVouchedEntries(tx, inspection, carried);
  same.forEach(({ id }) => taken.add(id));
  return { taken, added, vouched: carried.length };
}

async function startInspection(
  tx: Transaction,
  session: Session,
  id: string,
): Promise<InspectionRow | undefined> {
  const { settings } = await oneOrganisation(tx);
  await insertInspection(tx, {
    organisation: session.organisation,
    id,
    settings,
    authors: [],
    createdBy: session.member,
  });
  return maybeOneInspectionLocked(tx, id);
}

type ReadOne = { entry: Entry; refused?: undefined } | { entry?: undefined; refused: Delivery };

/** An entry as it may be written, or why it is not: its shape, or another's name under it. */
function readOne(
  session: Session,
  first: Map<string, Entry>,
  parsed: Parsed<Entry>,
  raw: unknown,
): ReadOne {
  const refused = (id: string, reason: string): ReadOne => ({
    refused: { id, outcome: 'refused', reason },
  });
  if (!parsed.ok) return refused(idOf(raw), parsed.faults.map(describeFault).join('; '));
  const entry = parsed.value;
  const known = first.get(entry.id);
  if (known && canonicalJson(known) !== canonicalJson(entry))
    return refused(entry.id, 'another entry has this id');
  first.set(entry.id, entry);
  return entry.author === session.member
    ? { entry }
    : refused(entry.id, `written by ${entry.author}, delivered by ${session.member}`);
}

const idOf = (raw: unknown) =>
  typeof raw === 'object' && raw !== null && 'id' in raw && typeof raw.id === 'string'
    ? raw.id.slice(0, 64)
    : '';
