import 'server-only';
import sharp from 'sharp';
import type { Metadata } from 'sharp';
import { inOrganisation } from '../db/connect';
import type { PictureFile, PrintedPicture } from '../db/pictures';
import {
  insertPicture,
  insertPrintedPicture,
  insertThumbnail,
  manyPictures,
  manyPrintedPictures,
  maybeOnePicture,
  maybeOneThumbnail,
} from '../db/pictures';
import type { Session } from '../session';
import { sha256Hex } from '../sha256';

export const mostPictureBytes = 8 * 1024 * 1024;
const mostPixels = 24_000_000;
const thumbnailPx = 480;
/** Longest side on paper: half a page's width at 250 dots an inch. */
const printedPx = 900;
const formats: Record<string, string> = {
  jpeg: 'image/jpeg',
  png: 'image/png',
  webp: 'image/webp',
};

export type Stored = { ok: true; digest: string } | { ok: false; reason: string };

/**
 * Stores a picture once by its digest. A device sends it upright and without location or device
 * data; one that still carries any is refused, so that none is ever kept.
 */
export async function storePicture(session: Session, bytes: Buffer): Promise<Stored> {
  const checked = await checkPicture(bytes);
  if (!checked.ok) return checked;
  await inOrganisation(session.organisation, (tx) =>
    insertPicture(tx, {
      organisation: session.organisation,
      ...checked.picture,
      createdBy: session.member,
    }),
  );
  return { ok: true, digest: checked.picture.digest };
}

type Checked =
  | {
      ok: true;
      picture: { digest: string; mediaType: string; width: number; height: number; bytes: Buffer };
    }
  | { ok: false; reason: string };

/** Whether a picture may be kept: a kind that is read, of sensible size, nothing in it but pixels. */
export async function checkPicture(bytes: Buffer): Promise<Checked> {
  if (bytes.length === 0) return { ok: false, reason: 'The picture is empty.' };
  if (bytes.length > mostPictureBytes)
    return { ok: false, reason: `The picture has ${bytes.length} bytes; at most 8 MB are taken.` };
  let facts: Metadata;
  try {
    facts = await sharp(bytes, { limitInputPixels: mostPixels }).metadata();
    await sharp(bytes, { limitInputPixels: mostPixels }).resize(8, 8).toBuffer();
  } catch {
    return { ok: false, reason: 'This is no picture that can be read: JPEG, PNG or WebP is.' };
  }
  const mediaType = formats[facts.format ?? ''];
  if (!mediaType || !facts.width || !facts.height)
    return {
      ok: false,
      reason: `Expected JPEG, PNG or WebP, got ${facts.format ?? 'something else'}.`,
    };
  if (facts.exif ?? facts.iptc ?? facts.xmp)
    return { ok: false, reason: 'The picture still carries data about its place or device.' };
  const { width, height } = facts;
  return { ok: true, picture: { digest: sha256Hex(bytes), mediaType, width, height, bytes } };
}

/** A picture of the asker's organisation, or none. */
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
