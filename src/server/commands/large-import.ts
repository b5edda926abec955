import 'server-only';
import { randomUUID } from 'node:crypto';
import { inOrganisation } from '../db/connect';
import type { ImportState } from '../db/imports';
import { insertImport, maybeOneImport } from '../db/imports';
import { insertJob } from '../db/queue';
import type { Session } from '../session';
import { demand } from '../session';

/** Bytes from which a package is read by a job: below it is answered in a moment. */
export const largeBytes = 1024 * 1024;

/** Takes a large package in and has it read in the background; gives the id to ask after it by. */
export async function beginImport(session: Session, bytes: Buffer): Promise<string> {
  demand(session, 'record');
  const { organisation, member, name } = session;
  const id = randomUUID();
  await inOrganisation(organisation, async (tx) => {
    await insertImport(tx, organisation, { id, member, name, bytes });
    await insertJob(tx, 'import', { organisation, import: id });
  });
  return id;
}

/** How far it is, or none where there is no such package here. */
export const readImport = (session: Session, id: string): Promise<ImportState | undefined> =>
  inOrganisation(session.organisation, (tx) => maybeOneImport(tx, id));
