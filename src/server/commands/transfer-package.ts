import 'server-only';
import { assess } from '@/core';
import type { Entry } from '@/core/record/entries/entry';
import type { Fault } from '@/core/vocabulary/fault';
import { counted } from '@/core/vocabulary/phrases';
import { inOrganisation } from '../db/connect';
import type { Transaction } from '../db/connect';
import { insertCarried } from '../db/carried';
import { manyEntries, manyInsertedEntries, manySameEntries } from '../db/entries';
import { insertInspection, maybeOneInspectionLocked } from '../db/inspections';
import { rememberedAs } from '@/core/record/package/carried';
import { picturesNamed } from '@/core/record/package/pictures-named';
import { soundsNamed } from '@/core/record/package/sounds-named';
import { insertPicture } from '../db/pictures';
import { insertSound } from '../db/sounds';
import type { ReadPackage } from '../package-file';
import { packageOf, ruleBookDigest, writePackage, yardstickDigest } from '../package-file';
import { heavy } from '../heavy/pool';
import { overrulingEntries } from '@/core/record/entries/overruling';
import { permissionWords } from '@/core/vocabulary/permission';
import { insertAudit } from '../db/audit';
import { manyPeople } from '../db/people';
import type { Session } from '../session';
import { demand } from '../session';
import { asBuffer, readPictures } from './pictures';
import { readSounds } from './sounds';
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
  const sounds = await readSounds(session.organisation, soundsNamed(stored.entries));
  return { zip: await writePackage(packageOf(stored, title), pictures, sounds), title };
}

export type Imported =
  | { ok: true; inspection: string; added: number; already: number; notes: string[] }
  | { ok: false; faults: Fault[] };

/**
 * Loads a package. All of it is checked first; then all of it is written, or nothing.
 * @param read called once it is checked
 */
export async function importPackage(
  session: Session,
  bytes: Buffer,
  read: () => unknown = () => undefined,
): Promise<Imported> {
  demand(session, 'record');
  const sent = await heavy(session.organisation, 'readSent', bytes);
  if (!sent.ok) return sent;
  const { document, digest, pictures, sounds } = sent.value;
  await read();
  const refused = new ImportRefused();
  try {
    return await inOrganisation(session.organisation, async (tx) => {
      const begun = await insertInspection(tx, {
        organisation: session.organisation,
        id: document.inspection.id,
        settings: document.settings,
        authors: [],
        createdBy: session.member,
      });
      const row = await maybeOneInspectionLocked(tx, document.inspection.id);
      if (!row) throw new Error('No inspection after adding it');
      // Nothing of it was delivered here: whoever recorded it did so elsewhere.
      const { entries, carried } = row;
      const foreign = begun.length > 0 || entries === carried;
      const added = await bring(tx, session, { document, digest }, foreign, refused);
      for (const picture of pictures)
        await insertPicture(tx, {
          organisation: session.organisation,
          ...picture,
          bytes: asBuffer(picture.bytes),
          createdBy: session.member,
        });
      for (const sound of sounds)
        await insertSound(tx, {
          organisation: session.organisation,
          ...sound,
          bytes: asBuffer(sound.bytes),
          createdBy: session.member,
        });
      const stored = await loadStored(tx, { ...row, has_carried: true });
      await materialise(tx, session.organisation, stored);
      if (added > 0)
        await insertAudit(
          tx,
          session,
          'package-loaded',
          `${document.inspection.title}: ${counted(added, 'entry')}`,
        );
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

/** Writes what is new of a package, as that package's word; throws what is refused. */
async function bring(
  tx: Transaction,
  session: Session,
  { document, digest }: Pick<ReadPackage, 'document' | 'digest'>,
  foreign: boolean,
  refused: ImportRefused,
): Promise<number> {
  const { entries, inspection, settings, authors, carried } = document;
  const same = new Set((await manySameEntries(tx, inspection.id, entries)).map(({ id }) => id));
  const fresh = entries.filter(({ id }) => !same.has(id));
  if (fresh.length === 0) return 0;
  const at = (id: string) => entries.findIndex((one) => one.id === id);
  // An inspection of this office is not added to under the name of one who works here: he delivers himself. What
  // the device of one who left still held comes in so, as brought by another.
  const members = foreign
    ? []
    : (await manyPeople(tx)).filter((one) => !one.deactivated_at).map(({ id }) => id);
  const forged = fresh.find(({ author }) => members.includes(author));
  if (forged)
    throw refused.with({
      path: `entries.${at(forged.id)}.author`,
      expected: 'nobody of this office, or an entry its author delivered here',
      got: forged.author,
    });
  const standing = foreign
    ? []
    : (await manyEntries(tx, inspection.id)).map(({ body }) => body as Entry);
  const overruled =
    foreign || session.may.includes('overrule') ? undefined : overrulingEntries(fresh, standing);
  const overruling = fresh.find(({ id }) => overruled?.has(id));
  if (overruling)
    throw refused.with({
      path: `entries.${at(overruling.id)}`,
      expected: `nothing by which you ${permissionWords.overrule} of this office: you may not`,
      got: overruling.id,
    });
  const remembered = rememberedAs({
    package: digest,
    office: settings.organisation,
    by: { id: session.member, name: session.name },
    authors,
    before: carried,
  });
  await insertCarried(tx, session.organisation, inspection.id, remembered);
  const added = await manyInsertedEntries(tx, session.organisation, inspection.id, fresh, digest);
  const ids = new Set(added.map(({ id }) => id));
  const taken = fresh.find(({ id }) => !ids.has(id));
  if (taken)
    throw refused.with({
      path: `entries.${at(taken.id)}.id`,
      expected: 'an id that is new here, or the same entry',
      got: `${taken.id}, held by another entry`,
    });
  return added.length;
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
function notesOn({
  document,
  missing,
  missingSounds,
}: Pick<ReadPackage, 'document' | 'missing' | 'missingSounds'>): string[] {
  const notes: string[] = [];
  if (document.issued) {
    const { number, on, signedName } = document.issued;
    notes.push(`It was issued as report ${number} on ${on}, signed ${signedName}.`);
  }
  if (missing.length > 0)
    notes.push(`${counted(missing.length, 'photo')} of it not in the package.`);
  if (missingSounds.length > 0)
    notes.push(`${counted(missingSounds.length, 'spoken note')} of it not in the package.`);
  if (document.ruleBook.digest !== ruleBookDigest())
    notes.push('Made with another version of the rule book: findings and grades here may differ.');
  if (document.yardstick.digest !== yardstickDigest(document.settings))
    notes.push('Made with other tables of the yardstick: findings and grades here may differ.');
  return notes;
}
