import 'server-only';
import { assess } from '@/core/assess';
import type { Fault } from '@/core/entries/versions';
import type { InspectionPackage } from '@/core/formats/package';
import { inOrganisation } from '../db/connect';
import { maybeInsertEntry, maybeOneSameEntry } from '../db/entries';
import { insertInspection, maybeOneInspectionLocked } from '../db/inspections';
import {
  packageOf,
  readPackage,
  ruleBookDigest,
  writePackage,
  yardstickDigest,
} from '../package-file';
import { attachedPackage, isPdf } from '../pdf-attachment';
import type { Session } from '../session';
import { readInspection } from './read-inspection';
import { loadStored, materialise } from './stored-inspection';

/** The inspection as a zip, or none where there is no such inspection here. */
export async function exportPackage(
  session: Session,
  id: string,
): Promise<{ zip: Buffer; title: string } | undefined> {
  const stored = await readInspection(session, id);
  if (!stored) return undefined;
  const title = assess(stored.entries, stored.settings).site.name;
  return { zip: await writePackage(packageOf(stored, title)), title };
}

export type Imported =
  | { ok: true; inspection: string; added: number; already: number; notes: string[] }
  | { ok: false; faults: Fault[] };

/** Loads a package. All of it is checked first; then all of it is written, or nothing. */
export async function importPackage(session: Session, bytes: Buffer): Promise<Imported> {
  const attached = isPdf(bytes) ? await attachedPackage(bytes) : { ok: true as const, zip: bytes };
  if (!attached.ok)
    return {
      ok: false,
      faults: [{ path: 'report', expected: 'a report with its package', got: attached.reason }],
    };
  const parsed = await readPackage(attached.zip);
  if (!parsed.ok) return parsed;
  const document = parsed.value;
  const refused = new ImportRefused();
  try {
    return await inOrganisation(session.organisation, async (tx) => {
      await insertInspection(tx, {
        organisation: session.organisation,
        id: document.inspection.id,
        settings: document.settings,
        authors: document.authors,
        createdBy: session.member,
      });
      const row = await maybeOneInspectionLocked(tx, document.inspection.id);
      if (!row) throw new Error('No inspection after adding it');
      let added = 0;
      for (const [index, entry] of document.entries.entries()) {
        if (await maybeInsertEntry(tx, session.organisation, row.id, entry)) added += 1;
        else if (!(await maybeOneSameEntry(tx, row.id, entry)))
          throw refused.with({
            path: `entries.${index}.id`,
            expected: 'an id that is new here, or the same entry',
            got: `${entry.id}, held by another entry`,
          });
      }
      await materialise(tx, session.organisation, await loadStored(tx, row));
      return {
        ok: true as const,
        inspection: row.id,
        added,
        already: document.entries.length - added,
        notes: notesOn(document),
      };
    });
  } catch (error) {
    if (error === refused) return { ok: false, faults: refused.faults };
    throw error;
  }
}

/** Carries a fault out of the transaction, so that it rolls back. */
class ImportRefused extends Error {
  faults: Fault[] = [];
  with(fault: Fault): this {
    this.faults = [fault];
    return this;
  }
}

/** What makes today's findings differ from the sender's. */
function notesOn(document: InspectionPackage): string[] {
  const notes: string[] = [];
  if (document.ruleBook.digest !== ruleBookDigest())
    notes.push('Made with another version of the rule book: findings and grades here may differ.');
  if (document.yardstick.digest !== yardstickDigest(document.settings))
    notes.push('Made with other tables of the yardstick: findings and grades here may differ.');
  return notes;
}
