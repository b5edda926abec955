import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { sfntOfWoff } from './woff';

const folder = 'node_modules/@fontsource';
const files = [
  'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff',
  'dejavu-sans/files/dejavu-sans-latin-400-normal.woff',
];

/** Sum of a table's words, as the directory of a font holds it. */
function checksum(table: Buffer): number {
  let sum = 0;
  for (let at = 0; at < table.length; at += 4) sum = (sum + table.readUInt32BE(at)) >>> 0;
  return sum;
}

describe.each(files)('%s without its wrapping', (file) => {
  const woff = readFileSync(join(folder, file));
  const sfnt = sfntOfWoff(woff);
  const count = sfnt.readUInt16BE(4);
  const tables = Array.from({ length: count }, (_, at) => {
    const entry = 12 + at * 16;
    const offset = sfnt.readUInt32BE(entry + 8);
    const length = sfnt.readUInt32BE(entry + 12);
    return {
      tag: sfnt.toString('latin1', entry, entry + 4),
      sum: sfnt.readUInt32BE(entry + 4),
      offset,
      bytes: Buffer.from(sfnt.subarray(offset, offset + Math.ceil(length / 4) * 4)),
    };
  });
  test('is as long as it says it is when unwrapped, with every table in its place', () => {
    expect(sfnt.length).toBe(woff.readUInt32BE(16));
    expect(count).toBe(woff.readUInt16BE(12));
    for (const { offset } of tables) expect(offset % 4).toBe(0);
    expect(tables.map(({ tag }) => tag)).toEqual(expect.arrayContaining(['cmap', 'glyf', 'head']));
  });
  test('each table has the sum its maker gave it', () => {
    for (const { tag, sum, bytes } of tables) {
      // The sum over the whole font stands in this one, and is not counted.
      if (tag === 'head') bytes.writeUInt32BE(0, 8);
      expect([tag, checksum(bytes)]).toEqual([tag, sum]);
    }
  });
});
test('what is no WOFF is refused', () =>
  expect(() => sfntOfWoff(Buffer.from('<html>'))).toThrow('Expected a WOFF font'));
