import 'server-only';
import { inflateSync } from 'node:zlib';

const headerBytes = 44;
const entryBytes = 20;

/**
 * The font inside a WOFF 1.0 file as plain sfnt, its tables inflated once instead of at every document.
 * Source: W3C, WOFF File Format 1.0, sections 3 to 5.
 */
export function sfntOfWoff(woff: Buffer): Buffer {
  if (woff.toString('latin1', 0, 4) !== 'wOFF') throw new Error('Expected a WOFF font');
  const flavor = woff.readUInt32BE(4);
  const count = woff.readUInt16BE(12);
  const tables = Array.from({ length: count }, (_, at) => {
    const entry = headerBytes + at * entryBytes;
    const offset = woff.readUInt32BE(entry + 4);
    const packed = woff.subarray(offset, offset + woff.readUInt32BE(entry + 8));
    const length = woff.readUInt32BE(entry + 12);
    return {
      tag: woff.subarray(entry, entry + 4),
      checksum: woff.readUInt32BE(entry + 16),
      data: packed.length < length ? inflateSync(packed) : packed,
    };
  });
  const power = 2 ** Math.floor(Math.log2(count));
  const head = Buffer.alloc(12 + count * 16);
  head.writeUInt32BE(flavor, 0);
  head.writeUInt16BE(count, 4);
  head.writeUInt16BE(power * 16, 6);
  head.writeUInt16BE(Math.log2(power), 8);
  head.writeUInt16BE((count - power) * 16, 10);
  const parts = [head];
  let offset = head.length;
  tables.forEach(({ tag, checksum, data }, at) => {
    const entry = 12 + at * 16;
    tag.copy(head, entry);
    head.writeUInt32BE(checksum, entry + 4);
    head.writeUInt32BE(offset, entry + 8);
    head.writeUInt32BE(data.length, entry + 12);
    const padded = Buffer.alloc(Math.ceil(data.length / 4) * 4);
    data.copy(padded);
    parts.push(padded);
    offset += padded.length;
  });
  return Buffer.concat(parts);
}
