import 'server-only';
import * as v from 'valibot';
import { removedWords } from '@/core/record/erased';
import { insertAudit } from '../db/audit';
import { inOrganisation } from '../db/connect';
import { insertErasure, maybeUpdateKeeping, oneClientForgotten, oneKeeping } from '../db/erasures';
import { maybeOneInspectionLocked } from '../db/inspections';
import type { Session } from '../session';
import { demand } from '../session';
import type { Done } from './people';
import { failedBy } from './people';
import { words } from './person-schema';
import { figuresOf } from './figures';
import { loadStored, materialise } from './stored-inspection';

const days = v.pipe(v.number(), v.integer(), v.minValue(30), v.maxValue(36_500));
const proposedDeviceDays = 30;
/** What was kept before devices were says nothing of them. */
const deviceDays = v.optional(
  v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(90)),
  proposedDeviceDays,
);
const keepingSchema = v.strictObject({
  lettersDays: days,
  visitsDays: days,
  auditDays: days,
  /** Days without the server after which a device shows nothing of what it keeps. */
  deviceDays,
});
/** Days an office keeps what passes. */
export type Keeping = v.InferOutput<typeof keepingSchema>;

/** Proposed where an office set nothing. */
export const proposedKeeping: Keeping = {
  lettersDays: 180,
  visitsDays: 1095,
  auditDays: 1095,
  deviceDays: proposedDeviceDays,
};

export async function readKeeping(session: Session): Promise<Keeping> {
  demand(session, 'people');
  return keepingOf(await inOrganisation(session.organisation, oneKeeping));
}

export const keepingOf = ({ keeping }: { keeping: unknown }): Keeping =>
  keeping === null ? proposedKeeping : v.parse(keepingSchema, keeping);

export async function saveKeeping(session: Session, input: unknown): Promise<Done> {
  demand(session, 'people');
  const parsed = v.safeParse(keepingSchema, input);
  if (!parsed.success) return failedBy(parsed.issues);
  await inOrganisation(session.organisation, async (tx) => {
    await maybeUpdateKeeping(tx, session.organisation, parsed.output);
    await insertAudit(tx, session, 'settings-saved', 'how long things are kept');
  });
  return { ok: true };
}

/**
 * Removes a client's personal data from one inspection, on his request: his name and whom was told are shown no
 * more anywhere, addresses letters and links went to leave. Entries and sealed reports stay as they are, so
 * that a report can still be held against its seal; what is shown of them is marked.
 */
export async function forgetClient(session: Session, input: unknown): Promise<Done> {
  demand(session, 'people');
  const parsed = v.safeParse(v.object({ inspection: words(64) }), input);
  if (!parsed.success) return failedBy(parsed.issues);
  const { inspection } = parsed.output;
  return inOrganisation(session.organisation, async (tx) => {
    const row = await maybeOneInspectionLocked(tx, inspection);
    if (!row)
      return { ok: false, faults: ['There is no such inspection here.'], absent: true as const };
    await insertErasure(tx, session.organisation, { inspection, by: session.member });
    await oneClientForgotten(tx, inspection, removedWords);
    // Lists and search are made anew, without it.
    const stored = await loadStored(tx, { ...row, erased_at: new Date() });
    await materialise(tx, session.organisation, stored);
    const { place } = figuresOf(stored.entries, stored.settings);
    await insertAudit(tx, session, 'client-erased', place);
    return { ok: true };
  });
}
