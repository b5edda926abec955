import 'server-only';
import { assess } from '@/core';
import type { Fault } from '@/core/vocabulary/fault';
import { counted } from '@/core/vocabulary/phrases';
import { inOrganisation } from '../db/connect';
import { maybeInsertEntry, maybeOneSameEntry } from '../db/entries';
import { insertInspection, maybeOneInspectionLocked } from '../db/inspections';
import { picturesNamed } from '@/core/record/package/pictures-named';
import { insertPicture } from '../db/pictures';
import type { ReadPackage } from '../package-file';
import { packageOf, ruleBookDigest, writePackage, yardstickDigest } from '../package-file';
import { heavy } from '../heavy/pool';
import type { Session } from '../session';
import { asBuffer, readPictures } from './pictures';
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
  const pictures = await readPictures(session.organisation, picturesNamed(stored.entries));
  return { zip: await writePackage(packageOf(stored, title), pictures), title };
}

export type Imported =
  | { ok: true; inspection: string; added: number; already: number; notes: string[] }
  | { ok: false; faults: Fault[] };

/** Loads a package. All of it is checked first; then all of it is written, or nothing. */
export async function importPackage(session: Session, bytes: Buffer): Promise<Imported> {
  const sent = await heavy(session.organisation, 'readSent', bytes);
  if (!sent.ok) return sent;
  const { document, pictures } = sent.value;
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
      for (const picture of pictures)
        await insertPicture(tx, {
          organisation: session.organisation,
          ...picture,
          bytes: asBuffer(picture.bytes),
          createdBy: session.member,
        });
      await materialise(tx, session.organisation, await loadStored(tx, row));
      return {
        ok: true as const,
        inspection: row.id,
        added,
        already: document.entries.length - added,
        notes: notesOn(sent.value),
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
function notesOn({ document, missing }: Pick<ReadPackage, 'document' | 'missing'>): string[] {
  const notes: string[] = [];
  if (document.issued) {
    const { number, on, signedName } = document.issued;
    notes.push(`It was issued as report ${number} on ${on}, signed ${signedName}.`);
  }
  if (missing.length > 0)
    notes.push(`${counted(missing.length, 'photo')} of it not in the package.`);
  if (document.ruleBook.digest !== ruleBookDigest())
    notes.push('Made with another version of the rule book: findings and grades here may differ.');
  if (document.yardstick.digest !== yardstickDigest(document.settings))
    notes.push('Made with other tables of the yardstick: findings and grades here may differ.');
  return notes;
}
