import 'server-only';
import * as v from 'valibot';
import type { Entry } from '@/core/record/entries/entry';
import { parseEntry } from '@/core';
import { describeFault, faultsOf } from '@/core/vocabulary/fault';
import { inOrganisation } from '../db/connect';
import type { Transaction } from '../db/connect';
import { maybeInsertEntry, maybeOneSameEntry } from '../db/entries';
import { insertInspection, maybeOneInspectionLocked } from '../db/inspections';
import { oneOrganisation } from '../db/members';
import type { Session } from '../session';
import { loadStored, materialise } from './stored-inspection';

/** What became of one delivered entry. */
export type Delivery =
  { id: string; outcome: 'arrived' } | { id: string; outcome: 'refused'; reason: string };

export type Delivered = { ok: true; deliveries: Delivery[] } | { ok: false; fault: string };

export const mostEntriesAtOnce = 500;

const batchSchema = v.object({
  inspection: v.pipe(v.string(), v.regex(/^[A-Za-z0-9_-]{1,64}$/, 'an inspection id')),
  entries: v.pipe(v.array(v.unknown()), v.maxLength(mostEntriesAtOnce)),
});

/**
 * Stores entries in the order given, each once by its id. Only the malformed and the unauthorised
 * are refused; what is impossible is kept, for the fold to list. The inspection is added by its
 * first entries.
 */
export async function deliverEntries(session: Session, input: unknown): Promise<Delivered> {
  const batch = v.safeParse(batchSchema, input);
  if (!batch.success)
    return { ok: false, fault: faultsOf(batch.issues).map(describeFault).join('; ') };
  const { inspection, entries } = batch.output;
  return inOrganisation(session.organisation, async (tx) => {
    await startInspection(tx, session, inspection);
    const row = await maybeOneInspectionLocked(tx, inspection);
    if (!row) throw new Error(`No inspection ${inspection} after adding it`);
    const deliveries: Delivery[] = [];
    for (const raw of entries) deliveries.push(await deliverOne(tx, session, inspection, raw));
    if (deliveries.some((one) => one.outcome === 'arrived'))
      await materialise(tx, session.organisation, await loadStored(tx, row));
    return { ok: true, deliveries };
  });
}

async function startInspection(tx: Transaction, session: Session, id: string): Promise<void> {
  const { settings } = await oneOrganisation(tx);
  await insertInspection(tx, {
    organisation: session.organisation,
    id,
    settings,
    authors: [],
    createdBy: session.member,
  });
}

async function deliverOne(
  tx: Transaction,
  session: Session,
  inspection: string,
  raw: unknown,
): Promise<Delivery> {
  const parsed = parseEntry(raw);
  if (!parsed.ok)
    return {
      id: idOf(raw),
      outcome: 'refused',
      reason: parsed.faults.map(describeFault).join('; '),
    };
  const entry: Entry = parsed.value;
  if (entry.author !== session.member)
    return {
      id: entry.id,
      outcome: 'refused',
      reason: `written by ${entry.author}, delivered by ${session.member}`,
    };
  if (await maybeInsertEntry(tx, session.organisation, inspection, entry))
    return { id: entry.id, outcome: 'arrived' };
  if (await maybeOneSameEntry(tx, inspection, entry)) return { id: entry.id, outcome: 'arrived' };
  return { id: entry.id, outcome: 'refused', reason: 'another entry has this id' };
}

const idOf = (raw: unknown) =>
  typeof raw === 'object' && raw !== null && 'id' in raw && typeof raw.id === 'string'
    ? raw.id
    : '';
