import 'server-only';
import { oneKeeping } from '../db/erasures';
import { keepingOf } from './keeping';
import type { Transaction } from '../db/connect';
import { inOrganisation } from '../db/connect';
import { manyStates, manyStatesDue, manyStatesFound, maybeOneInspection } from '../db/inspections';
import { insertJob } from '../db/queue';
import { manyRechecked, oneUnreadCount } from '../db/rechecks';
import { oneOrganisation } from '../db/members';
import * as v from 'valibot';
import { anySettingsSchema } from '@/core';
import type { Session } from '../session';
import type { StoredInspection } from './stored-inspection';
import { letterheadOf } from './letterhead';
import { loadStored } from './stored-inspection';

/** The inspection of this id in the asker's organisation, or none. */
export function readInspection(
  session: Session,
  id: string,
): Promise<StoredInspection | undefined> {
  return inOrganisation(session.organisation, async (tx) => {
    const row = await maybeOneInspection(tx, id);
    return row && loadStored(tx, row);
  });
}

/** Words as a full-text query: every one of them, by its beginning. Undefined where there is none. */
export function queryOf(words: string): string | undefined {
  const terms = words.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];
  return terms.length > 0
    ? terms
        .slice(0, 8)
        .map((term) => `${term}:*`)
        .join(' & ')
    : undefined;
}

/** The organisation's inspections as lists show them, latest first; those only in which every word is found. */
export function listInspections(session: Session, words = '') {
  const query = queryOf(words);
  return inOrganisation(session.organisation, (tx) =>
    query ? manyStatesFound(tx, query) : manyStates(tx),
  );
}

/** What must be seen to: dangers still open, and what is due by a day, YYYY-MM-DD. */
export const listDue = (session: Session, until: string) =>
  inOrganisation(session.organisation, (tx) => manyStatesDue(tx, until));

const recheckSeconds = 60;
/** When this process had the reports of an organisation read again last; another process may have since. */
const rechecked = new Map<string, number>();

function isDue(organisation: string): boolean {
  const now = Date.now();
  if (now - (rechecked.get(organisation) ?? 0) < recheckSeconds * 1000) return false;
  // Nothing is kept of offices nobody looks at.
  if (rechecked.size > 10_000) rechecked.clear();
  rechecked.set(organisation, now);
  return true;
}

/**
 * Issued reports that lack a Danger now or an Urgent the rules find today, and how many were never read
 * again. Asking has them read again in the background by the rules that run then.
 */
export const listRechecked = (session: Session) =>
  inOrganisation(session.organisation, (tx) => askRechecked(tx, session.organisation));

async function askRechecked(tx: Transaction, organisation: string) {
  if (isDue(organisation)) {
    const once = { key: organisation, seconds: recheckSeconds };
    await insertJob(tx, 'rejudge', { organisation }, once);
    await insertJob(tx, 'recheck', { organisation }, once);
  }
  return { reports: await manyRechecked(tx), unread: await oneUnreadCount(tx) };
}

/** What Today shows: the latest, or what is found; what must be seen to until a day; reports read otherwise today. */
export function readToday(session: Session, words: string, until: string) {
  const { organisation } = session;
  return inOrganisation(organisation, async (tx) => {
    const query = queryOf(words);
    const states = query ? await manyStatesFound(tx, query) : await manyStates(tx);
    const { deviceDays } = keepingOf(await oneKeeping(tx));
    if (words !== '') return { states, deviceDays, due: [], rechecked: { reports: [], unread: 0 } };
    return {
      states,
      deviceDays,
      due: await manyStatesDue(tx, until),
      rechecked: await askRechecked(tx, organisation),
    };
  });
}

/** What a new inspection starts with. */
export const readSettings = async (session: Session) => (await readOffice(session)).settings;

/** What an office set: its settings with their version, for those who change them, and its letterhead. */
export function readOffice(session: Session) {
  return inOrganisation(session.organisation, async (tx) => {
    const row = await oneOrganisation(tx);
    return {
      settings: v.parse(anySettingsSchema, row.settings),
      version: row.settings_version,
      letterhead: letterheadOf(row) ?? null,
    };
  });
}
