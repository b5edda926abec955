import 'server-only';
import { inOrganisation } from '../db/connect';
import { manyStates, maybeOneInspection } from '../db/inspections';
import { oneOrganisation } from '../db/members';
import * as v from 'valibot';
import { anySettingsSchema } from '@/core/settings/versions';
import type { Session } from '../session';
import type { StoredInspection } from './stored-inspection';
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

/** The organisation's inspections as lists show them, latest first. */
export function listInspections(session: Session) {
  return inOrganisation(session.organisation, manyStates);
}

/** What a new inspection starts with. */
export function readSettings(session: Session) {
  return inOrganisation(session.organisation, async (tx) =>
    v.parse(anySettingsSchema, (await oneOrganisation(tx)).settings),
  );
}
