import 'server-only';
import sharp from 'sharp';
import { inOrganisation } from '../db/connect';
import type { PictureFile, PictureRow, PrintedPicture } from '../db/pictures';
import {
  insertPicture,
  insertPrintedPicture,
  insertThumbnail,
  manyPictures,
  manyPrintedPictures,
  maybeOnePicture,
  maybeOneThumbnail,
} from '../db/pictures';
import { heavy } from '../heavy/pool';
import type { Session } from '../session';
import { demand } from '../session';
import { strayIn } from '../picture-parts';
import { mostPixels } from './check-picture';

const thumbnailPx = 480;
/** Longest side on paper: half a page's width at 250 dots an inch. */
const printedPx = 900;
export type Stored = { ok: true; digest: string } | { ok: false; reason: string };

/**
 * Stores a picture once by its digest. A device sends it upright and without location or device
 * data; one that still carries any is refused, so that none is ever kept.
 */
export async function storePicture(session: Session, bytes: Buffer): Promise<Stored> {
  demand(session, 'record', 'library');
  const checked = await heavy(session.organisation, 'checkPicture', bytes);
  if (!checked.ok) return checked;
  await inOrganisation(session.organisation, (tx) =>
    insertPicture(tx, {
      organisation: session.organisation,
      ...checked.picture,
      bytes: asBuffer(checked.picture.bytes),
      createdBy: session.member,
    }),
  );
  return { ok: true, digest: checked.picture.digest };
}

/** The bytes themselves, not a copy of them. */
export const asBuffer = ({ buffer, byteOffset, byteLength }: Uint8Array): Buffer =>
  Buffer.from(buffer, byteOffset, byteLength);

/**
 * A picture as it is shown: what was kept while more than pixels was taken is coded anew, so that nothing
 * besides them leaves this place.
 */
export async function shownPicture({ media_type, bytes }: PictureRow): Promise<PictureRow> {
  if (strayIn(bytes, media_type) === undefined) return { media_type, bytes };
  const pixels = sharp(bytes, { limitInputPixels: mostPixels }).autoOrient();
  return { media_type: 'image/webp', bytes: await pixels.webp({ quality: 90 }).toBuffer() };
}

/** A picture of the asker’s organisation, or none. */
export const readPicture = (session: Session, digest: string) =>
  inOrganisation(session.organisation, (tx) => maybeOnePicture(tx, digest));

/** The small picture, made now where it was not made in the background yet. */
export async function readThumbnail(session: Session, digest: string): Promise<Buffer | undefined> {
  const known = await inOrganisation(session.organisation, (tx) => maybeOneThumbnail(tx, digest));
  if (known) return known.bytes;
  return makeThumbnail(session, digest);
}

/** Makes and keeps the small picture. */
export async function makeThumbnail(session: Session, digest: string): Promise<Buffer | undefined> {
  const picture = await readPicture(session, digest);
  if (!picture) return undefined;
  const small = await sharp(picture.bytes, { limitInputPixels: mostPixels })
    .autoOrient()
    .resize(thumbnailPx, thumbnailPx, { fit: 'inside', withoutEnlargement: true })
    .webp({ quality: 78 })
    .toBuffer();
  await inOrganisation(session.organisation, (tx) =>
    insertThumbnail(tx, session.organisation, digest, small),
  );
  return small;
}

/** Pictures as they were stored, by their digests. */
export const readPictures = (organisation: string, digests: readonly string[]) =>
  inOrganisation(organisation, (tx): Promise<PictureFile[]> => manyPictures(tx, digests));

/** Pictures at the size they are printed in; those not made yet are made, and kept, one after another. */
export async function readPrintedPictures(
  organisation: string,
  digests: readonly string[],
): Promise<Map<string, PrintedPicture>> {
  const known = await inOrganisation(organisation, (tx) => manyPrintedPictures(tx, digests));
  const printed = new Map(known.map((one) => [one.digest, one]));
  for (const digest of digests) {
    if (printed.has(digest)) continue;
    const made = await makePrintedPicture(organisation, digest);
    if (made) printed.set(digest, made);
  }
  return printed;
}

export async function makePrintedPicture(
  organisation: string,
  digest: string,
): Promise<PrintedPicture | undefined> {
  const picture = await inOrganisation(organisation, (tx) => maybeOnePicture(tx, digest));
  if (!picture) return undefined;
  const { data, info } = await sharp(picture.bytes, { limitInputPixels: mostPixels })
    .autoOrient()
    .resize(printedPx, printedPx, { fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#ffffff' })
    .jpeg({ quality: 80 })
    .toBuffer({ resolveWithObject: true });
  const printed = { digest, width: info.width, height: info.height, bytes: data };
  await inOrganisation(organisation, (tx) => insertPrintedPicture(tx, organisation, printed));
  return printed;
}
