import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { readBackup, writeBackup } from './backup-file';

const folder = mkdtempSync(join(tmpdir(), 'backup-'));
const at = '2026-11-30T02:00:00.000Z';
const rows = { 'public.entries': 7 };

async function made(): Promise<string> {
  const dump = join(folder, 'dump');
  writeFileSync(dump, Buffer.from(Array.from({ length: 5000 }, (_, n) => n % 251)));
  const file = join(folder, 'one.backup');
  await writeBackup(dump, file, { at, rows });
  return file;
}

describe('a backup', () => {
  test('is read again with what it says of itself', async () => {
    const read = await readBackup(await made());
    expect(read).toMatchObject({ ok: true, head: { at, rows, bytes: 5000 } });
  });
  test.each([
    [
      'cut off',
      (b: Buffer) => b.subarray(0, -1),
      /expected 5000 bytes after its first line, got 4999/,
    ],
    ['with something after it', (b: Buffer) => Buffer.concat([b, Buffer.from('x')]), /got 5001/],
    ['changed in one byte', (b: Buffer) => (b.writeUInt8(9, b.length - 3), b), /it was changed/],
    [
      'without its first line',
      (b: Buffer) => b.subarray(b.indexOf(10) + 1),
      /no backup made by bin\/backup/,
    ],
    [
      'with another head',
      (b: Buffer) => Buffer.concat([Buffer.from('{"format":"x"}\n'), b]),
      /no backup made by/,
    ],
    ['empty', () => Buffer.alloc(0), /no backup made by/],
  ])('%s is refused, with what was expected', async (_, change, reason) => {
    const file = await made();
    writeFileSync(file, change(readFileSync(file)));
    const read = await readBackup(file);
    expect(read.ok ? 'read' : read.reason).toMatch(reason);
  });
  test('that is not there is told', async () => {
    expect(await readBackup(join(folder, 'none'))).toMatchObject({ ok: false });
  });
});
