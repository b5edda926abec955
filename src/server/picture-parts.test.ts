import { describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { checkPicture } from './commands/check-picture';
import { shownPicture } from './commands/pictures';
import { strayIn } from './picture-parts';

const plain = (width = 40, height = 30) =>
  sharp({ create: { width, height, channels: 3, background: '#334455' } });
const jpeg = () => plain().jpeg().toBuffer();
const png = () => plain().png().toBuffer();
const webp = () => plain().webp().toBuffer();

/** A PNG part with a checksum of nothing: parts are looked at by their names. */
const part = (name: string, text: string) => {
  const head = Buffer.alloc(4);
  head.writeUInt32BE(text.length);
  return Buffer.concat([head, Buffer.from(name + text, 'latin1'), Buffer.alloc(4)]);
};
const segment = (marker: number, text: string) => {
  const head = Buffer.from([0xff, marker, 0, 0]);
  head.writeUInt16BE(text.length + 2, 2);
  return Buffer.concat([head, Buffer.from(text, 'latin1')]);
};
const put = (bytes: Buffer, at: number, more: Buffer) =>
  Buffer.concat([bytes.subarray(0, at), more, bytes.subarray(at)]);

describe('a picture', () => {
  test.each([
    ['JPEG', jpeg, 'image/jpeg'],
    ['JPEG in steps', () => plain(300, 200).jpeg({ progressive: true }).toBuffer(), 'image/jpeg'],
    ['PNG', png, 'image/png'],
    ['PNG with a palette', () => plain().png({ palette: true }).toBuffer(), 'image/png'],
    ['WebP', webp, 'image/webp'],
    ['WebP without loss', () => plain().webp({ lossless: true }).toBuffer(), 'image/webp'],
  ])('%s as it is made holds its pixels alone', async (_, make, type) => {
    expect(strayIn(await make(), type)).toBeUndefined();
  });

  test.each([
    ['a comment', jpeg, (b: Buffer) => put(b, 2, segment(0xfe, 'who was there')), 'a comment'],
    [
      'an APP block',
      jpeg,
      (b: Buffer) => put(b, 2, segment(0xed, 'anything')),
      'data of an application (part 13)',
    ],
    ['a second picture', jpeg, (b: Buffer) => Buffer.concat([b, b]), 'bytes after its end'],
    [
      'a PNG text',
      png,
      (b: Buffer) => put(b, 33, part('tEXt', 'Place\0here')),
      'a part named tEXt',
    ],
    ['a PNG time', png, (b: Buffer) => put(b, 33, part('tIME', '1234567')), 'a part named tIME'],
    [
      'bytes after a PNG',
      png,
      (b: Buffer) => Buffer.concat([b, Buffer.from('x')]),
      'bytes after its end',
    ],
    [
      'bytes after a WebP',
      webp,
      (b: Buffer) => Buffer.concat([b, Buffer.from('xx')]),
      'bytes after its end',
    ],
    ['a file cut off', png, (b: Buffer) => b.subarray(0, -12), 'no end'],
  ])('with %s is told', async (_, make, change, expected) => {
    const bytes = change(await make());
    expect(
      strayIn(
        bytes,
        (await sharp(await make()).metadata()).format === 'jpeg'
          ? 'image/jpeg'
          : make === png
            ? 'image/png'
            : 'image/webp',
      ),
    ).toBe(expected);
    const checked = await checkPicture(bytes);
    expect(checked.ok).toBe(false);
  });

  test('of a little more than 24 megapixels is told by its size', async () => {
    const checked = await checkPicture(
      await plain(6000, 4100).png({ compressionLevel: 1 }).toBuffer(),
    );
    expect(checked).toEqual({
      ok: false,
      reason: 'The picture has 24.60 megapixels (6000 × 4100); at most 24 are taken.',
    });
    const camera = await checkPicture(
      await plain(6016, 4016).png({ compressionLevel: 1 }).toBuffer(),
    );
    expect(camera.ok).toBe(true);
  });
});

describe('a picture kept while more than pixels was taken', () => {
  test('is shown coded anew, with nothing but its pixels; another is shown as it is', async () => {
    const clean = await jpeg();
    const told = put(clean, 2, segment(0xfe, 'who was there'));
    const shown = await shownPicture({ media_type: 'image/jpeg', bytes: told });
    expect(shown.media_type).toBe('image/webp');
    expect(shown.bytes.includes('who was there')).toBe(false);
    expect(strayIn(shown.bytes, shown.media_type)).toBeUndefined();
    const { width, height } = await sharp(shown.bytes).metadata();
    expect([width, height]).toEqual([40, 30]);
    const asIs = { media_type: 'image/jpeg', bytes: clean };
    expect(await shownPicture(asIs)).toEqual(asIs);
  });
});
