import { sha256Hex } from '../sha256';

export const mostSoundBytes = 4 * 1024 * 1024;

/** A sound that may be kept. */
export interface CheckedSound {
  /** SHA-256 of its bytes, hex. */
  digest: string;
  mediaType: string;
  bytes: Buffer;
}

type Checked = { ok: true; sound: CheckedSound } | { ok: false; reason: string };

/** Kinds of file browsers record in, by how they begin. */
const kinds: readonly { mediaType: string; is(bytes: Buffer): boolean }[] = [
  {
    mediaType: 'audio/webm',
    // EBML (RFC 8794), of the document type webm.
    is: (bytes) =>
      bytes.readUInt32BE(0) === 0x1a45dfa3 && bytes.subarray(0, 64).includes('webm', 0, 'latin1'),
  },
  {
    mediaType: 'audio/ogg',
    // Ogg (RFC 3533) that begins with Opus (RFC 7845).
    is: (bytes) =>
      bytes.toString('latin1', 0, 4) === 'OggS' &&
      bytes.subarray(0, 64).includes('OpusHead', 0, 'latin1'),
  },
  {
    mediaType: 'audio/mp4',
    // ISO base media (ISO/IEC 14496-12).
    is: (bytes) => bytes.toString('latin1', 4, 8) === 'ftyp',
  },
];

/** Whether a sound may be kept: a kind that browsers record in, of sensible size. What is in it is not looked at. */
export function checkSound(bytes: Buffer): Checked {
  if (bytes.length === 0) return { ok: false, reason: 'The spoken note is empty.' };
  if (bytes.length > mostSoundBytes)
    return {
      ok: false,
      reason: `The spoken note has ${bytes.length} bytes; at most 4 MB are taken.`,
    };
  const kind = bytes.length < 16 ? undefined : kinds.find(({ is }) => is(bytes));
  if (!kind)
    return { ok: false, reason: 'This is no sound that can be kept: expected WebM, Ogg or MP4.' };
  return { ok: true, sound: { digest: sha256Hex(bytes), mediaType: kind.mediaType, bytes } };
}
