import 'server-only';
import { once } from 'node:events';
import { PassThrough } from 'node:stream';
import type { Readable } from 'node:stream';
import yazl from 'yazl';
import { counted } from '@/core/vocabulary/phrases';
import { insertAudit } from '../db/audit';
import { inOrganisation } from '../db/connect';
import { manyInspectionIds } from '../db/inspections';
import type { Session } from '../session';
import { demand } from '../session';
import { exportPackage } from './transfer-package';

/** Where the packages lie in the file. */
export const officeFolder = 'inspections/';

/**
 * Every inspection of the office as an open package, in one zip. They are packed one after another while it is
 * read: the whole is never held.
 */
export async function exportOffice(session: Session): Promise<{ name: string; zip: Readable }> {
  demand(session, 'people');
  const ids = await inOrganisation(session.organisation, async (tx) => {
    const rows = await manyInspectionIds(tx);
    await insertAudit(tx, session, 'office-exported', counted(rows.length, 'inspection'));
    return rows.map(({ id }) => id);
  });
  const zip = new yazl.ZipFile();
  const out = new PassThrough();
  zip.outputStream.pipe(out);
  const mtime = new Date();
  zip.addBuffer(Buffer.from(readMe(session.organisationName, ids.length)), 'READ-ME.txt', {
    mtime,
  });
  void (async () => {
    for (const id of ids) {
      const packed = await exportPackage(session, id);
      if (packed)
        // A package is as small as it gets.
        zip.addBuffer(packed.zip, `${officeFolder}${id}.zip`, { mtime, compress: false });
      await drained(out);
    }
    zip.end();
  })().catch((error: Error) => out.destroy(error));
  return { name: `${session.organisationName}.zip`, zip: out };
}

const readMe = (office: string, many: number) =>
  `${office}: ${counted(many, 'inspection')}, each an open package of its own under ${officeFolder}\n` +
  'Load one on the page Today of another office, or all of them by bin/import-office.\n';

/** Waits until what was packed is read. @throws where nobody reads any more */
async function drained(out: PassThrough): Promise<void> {
  if (out.writableNeedDrain && !out.destroyed) {
    const ended = new AbortController();
    const { signal } = ended;
    await Promise.race([once(out, 'drain', { signal }), once(out, 'close', { signal })]).finally(
      () => ended.abort(),
    );
  }
  if (out.destroyed) throw new Error('nobody reads any more');
}
