import sharp from 'sharp';
import type { Metadata } from 'sharp';
import { strayIn } from '../picture-parts';
import { sha256Hex } from '../sha256';

export const mostPictureBytes = 8 * 1024 * 1024;
/** 24 million and those a camera of that name adds at the edges. */
export const mostPixels = 24_200_000;

const formats: Readonly<Record<string, string>> = {
  jpeg: 'image/jpeg',
  png: 'image/png',
  webp: 'image/webp',
};

/** A picture that may be kept. */
export interface CheckedPicture {
  /** SHA-256 of its bytes, hex. */
  digest: string;
  mediaType: string;
  width: number;
  height: number;
  bytes: Uint8Array;
}

type Checked = { ok: true; picture: CheckedPicture } | { ok: false; reason: string };

/**
 * Whether a picture may be kept: a kind that is read, of sensible size, nothing in it but pixels. One that
 * comes in a package goes by a digest that is sealed and stays as it is: it may hold what was kept before.
 */
export async function checkPicture(
  sent: Uint8Array,
  as: 'sent' | 'packed' = 'sent',
): Promise<Checked> {
  const bytes = Buffer.from(sent.buffer, sent.byteOffset, sent.byteLength);
  if (bytes.length === 0) return refused('The picture is empty.');
  if (bytes.length > mostPictureBytes)
    return refused(`The picture has ${bytes.length} bytes; at most 8 MB are taken.`);
  let facts: Metadata;
  try {
    // Read without a bound first: what is too large is told as that.
    facts = await sharp(bytes, { limitInputPixels: false }).metadata();
  } catch {
    return refused(unread);
  }
  const { width, height, format } = facts;
  const mediaType = Object.hasOwn(formats, format ?? '') ? formats[format ?? ''] : undefined;
  if (!mediaType || !width || !height)
    return refused(`Expected JPEG, PNG or WebP, got ${format ?? 'something else'}.`);
  if (width * height > mostPixels)
    return refused(
      `The picture has ${((width * height) / 1e6).toFixed(2)} megapixels (${width} × ${height}); at most 24 are taken.`,
    );
  if (facts.exif ?? facts.iptc ?? facts.xmp)
    return refused('The picture still carries data about its place or device.');
  const stray = as === 'sent' ? strayIn(bytes, mediaType) : undefined;
  if (stray) return refused(`The picture holds something besides its pixels: ${stray}.`);
  try {
    await sharp(bytes, { limitInputPixels: mostPixels }).resize(8, 8).toBuffer();
  } catch {
    return refused(unread);
  }
  return { ok: true, picture: { digest: sha256Hex(bytes), mediaType, width, height, bytes } };
}

const unread = 'This is no picture that can be read: JPEG, PNG or WebP is.';
const refused = (reason: string): Checked => ({ ok: false, reason });
