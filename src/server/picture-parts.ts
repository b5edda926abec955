/**
 * What stands in the file of a picture besides its pixels, in words: a comment, data of an application, a
 * text, a second picture, bytes after the end. Undefined where there is nothing. Read by the layouts of
 * JPEG (ITU T.81, annex B), PNG (ISO/IEC 15948) and WebP (RFC 9649).
 */
export function strayIn(bytes: Buffer, mediaType: string): string | undefined {
  try {
    if (mediaType === 'image/jpeg') return strayInJpeg(bytes);
    if (mediaType === 'image/png') return strayInPng(bytes);
    return strayInWebp(bytes);
  } catch {
    return 'a part that cannot be read';
  }
}

/** JFIF says the size of a dot, Adobe which colours; what else an application writes is its own. */
function strayInJpeg(bytes: Buffer): string | undefined {
  let at = 2;
  while (at < bytes.length) {
    if (bytes[at] !== 0xff) return 'bytes between its parts';
    const marker = bytes[at + 1]!;
    if (marker === 0xff) {
      at += 1;
      continue;
    }
    if (marker === 0xd9) return at + 2 < bytes.length ? 'bytes after its end' : undefined;
    if (marker === 0xfe) return 'a comment';
    const length = bytes.readUInt16BE(at + 2);
    const name = bytes.toString('latin1', at + 4, at + 9);
    if (marker >= 0xe0 && marker <= 0xef) {
      const known =
        (marker === 0xe0 && name === 'JFIF\0' && length === 16) ||
        (marker === 0xee && name === 'Adobe' && length === 14);
      // An ICC profile says how its colours are meant.
      const profile =
        marker === 0xe2 && bytes.toString('latin1', at + 4, at + 15) === 'ICC_PROFILE';
      if (!known && !profile) return `data of an application (part ${marker - 0xe0})`;
    }
    at += 2 + length;
    if (marker === 0xda) at = endOfScan(bytes, at);
  }
  return 'no end';
}

/** Where the next marker stands after coded pixels: stuffed zeros and restarts belong to them. */
function endOfScan(bytes: Buffer, from: number): number {
  for (let at = bytes.indexOf(0xff, from); at >= 0; at = bytes.indexOf(0xff, at + 1)) {
    const next = bytes[at + 1];
    if (next === undefined) return bytes.length;
    if (next !== 0 && next !== 0xff && !(next >= 0xd0 && next <= 0xd7)) return at;
  }
  return bytes.length;
}

/** Header, palette, pixels, end, and how colours are meant. */
const pngParts = new Set([
  'IHDR',
  'PLTE',
  'IDAT',
  'IEND',
  'tRNS',
  'gAMA',
  'cHRM',
  'sRGB',
  'iCCP',
  'cICP',
  'sBIT',
  'bKGD',
  'pHYs',
]);

function strayInPng(bytes: Buffer): string | undefined {
  for (let at = 8; at < bytes.length;) {
    const length = bytes.readUInt32BE(at);
    const name = bytes.toString('latin1', at + 4, at + 8);
    if (!pngParts.has(name)) return `a part named ${name.replace(/[^A-Za-z]/g, '?')}`;
    at += 12 + length;
    if (name === 'IEND') return at < bytes.length ? 'bytes after its end' : undefined;
  }
  return 'no end';
}

const webpParts = new Set(['VP8 ', 'VP8L', 'VP8X', 'ALPH', 'ICCP']);

function strayInWebp(bytes: Buffer): string | undefined {
  const end = 8 + bytes.readUInt32LE(4);
  if (end < bytes.length) return 'bytes after its end';
  for (let at = 12; at + 8 <= end;) {
    const name = bytes.toString('latin1', at, at + 4);
    if (!webpParts.has(name)) return `a part named ${name.replace(/[^A-Za-z0-9 ]/g, '?').trim()}`;
    const length = bytes.readUInt32LE(at + 4);
    at += 8 + length + (length % 2);
  }
  return undefined;
}
