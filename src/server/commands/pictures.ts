import 'server-only';
import sharp from 'sharp';
import type { Metadata } from 'sharp';
import { inOrganisation } from '../db/connect';
import { insertPicture, insertThumbnail, maybeOnePicture, maybeOneThumbnail } from '../db/pictures';
import type { Session } from '../session';
import { sha256Hex } from '../sha256';

export const mostPictureBytes = 8 * 1024 * 1024;
const mostPixels = 24_000_000;
const thumbnailPx = 480;
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
  const digest = sha256Hex(bytes);
  const { width, height } = facts;
  await inOrganisation(session.organisation, (tx) =>
    insertPicture(tx, {
      organisation: session.organisation,
      digest,
      mediaType,
      width,
      height,
      bytes,
      createdBy: session.member,
    }),
  );
  return { ok: true, digest };
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
