import { Buffer } from 'node:buffer';
import { describe, expect, test } from '@jest/globals';
import yazl from 'yazl';
import { describeFault } from '@/core/vocabulary/fault';
import { bench, testSettings } from '@/core/testing/bench';
import { packageOf, readPackage, writePackage } from './package-file';
import { packageLimits } from './package-zip';
import { canonicalJson } from '@/core/vocabulary/canonical';
import { sha256Hex } from './sha256';

const stored = () => ({
  id: 'one',
  settings: testSettings,
  authors: [{ id: 'ines', name: 'Ines Marrable', licence: '' }],
  entries: bench().lines('7 20 2x12cu m1 kitchen').book.entries,
  carried: [],
});

async function zipOf(files: Record<string, Buffer | string>): Promise<Buffer> {
  const zip = new yazl.ZipFile();
  for (const [name, content] of Object.entries(files)) zip.addBuffer(Buffer.from(content), name);
  zip.end();
  const chunks: Buffer[] = [];
  for await (const chunk of zip.outputStream) chunks.push(Buffer.from(chunk as Uint8Array));
  return Buffer.concat(chunks);
}

const faults = async (bytes: Buffer) => {
  const parsed = await readPackage(bytes);
  return parsed.ok ? 'read' : parsed.faults.map(describeFault).join('\n');
};

describe('package file', () => {
  test('reads what it wrote, and the same inspection gives the same bytes', async () => {
    const document = packageOf(stored() as Parameters<typeof packageOf>[0], 'Test house');
    const bytes = await writePackage(document);
    expect(await writePackage(document)).toEqual(bytes);
    expect(await readPackage(bytes)).toEqual({
      ok: true,
      value: {
        document,
        digest: sha256Hex(canonicalJson(document)),
        pictures: new Map(),
        missing: [],
        sounds: new Map(),
        missingSounds: [],
      },
    });
  });

  test('carries its spoken notes; one changed or strange is told by its name', async () => {
    const bytes = Buffer.from('what was said');
    const digest = sha256Hex(bytes);
    const book = bench().lines('7 20 2x12cu m1 kitchen').book;
    book.add('note', 'n1', 'site', { recording: digest, recordingSeconds: 14 });
    const document = packageOf({ ...stored(), entries: book.entries }, 'Test house');
    const file = { digest, media_type: 'audio/webm', bytes };
    expect(await readPackage(await writePackage(document, [], [file]))).toMatchObject({
      value: { sounds: new Map([[digest, bytes]]), missingSounds: [] },
    });
    expect(await readPackage(await writePackage(document))).toMatchObject({
      value: { missing: [], missingSounds: [digest] },
    });
    const other = { ...file, bytes: Buffer.from('something else') };
    expect(await faults(await writePackage(document, [], [other]))).toMatch(
      new RegExp(`sounds/${digest}\\.webm: expected the spoken note its name says, got one of`),
    );
    const strange = { ...other, digest: sha256Hex(other.bytes) };
    expect(await faults(await writePackage(document, [], [strange]))).toMatch(
      /expected a spoken note an entry names, got another/,
    );
  });

  test('carries its pictures; one changed, renamed or strange is told by its name', async () => {
    const picture = Buffer.from('pixels');
    const digest = sha256Hex(picture);
    const book = bench().lines('7 20 2x12cu m1 kitchen').book;
    book.add('photo', 'p1', 'site', { digest, pictureWidth: 4, pictureHeight: 3 });
    const document = packageOf({ ...stored(), entries: book.entries }, 'Test house');
    const file = { digest, media_type: 'image/png', bytes: picture };
    expect(await readPackage(await writePackage(document, [file]))).toEqual({
      ok: true,
      value: {
        document,
        digest: sha256Hex(canonicalJson(document)),
        pictures: new Map([[digest, picture]]),
        missing: [],
        sounds: new Map(),
        missingSounds: [],
      },
    });
    expect(await readPackage(await writePackage(document))).toMatchObject({
      value: { missing: [digest] },
    });
    const other = { ...file, bytes: Buffer.from('other pixels') };
    expect(await faults(await writePackage(document, [other]))).toMatch(
      new RegExp(`pictures/${digest}\\.png: expected the picture its name says, got one of digest`),
    );
    const strange = { ...other, digest: sha256Hex(other.bytes) };
    expect(await faults(await writePackage(document, [strange]))).toMatch(
      /expected a picture an entry names, got another/,
    );
    expect(
      await faults(await zipOf({ 'inspection.json': '{}', 'pictures/holiday.jpg': 'x' })),
    ).toMatch(/pictures\/holiday\.jpg: expected pictures\/, a SHA-256/);
  });

  test('one changed byte inside is refused by its checksum', async () => {
    const zip = new yazl.ZipFile();
    zip.addBuffer(Buffer.from('{"format":"east-gate-inspection"}'), 'inspection.json', {
      compress: false,
    });
    zip.end();
    const chunks: Buffer[] = [];
    for await (const chunk of zip.outputStream) chunks.push(Buffer.from(chunk as Uint8Array));
    const bytes = Buffer.concat(chunks);
    bytes[bytes.indexOf('east')] = 'E'.charCodeAt(0);
    expect(await faults(bytes)).toMatch(/inspection\.json: expected checksum [0-9a-f]+, got/);
  });

  test.each([
    ['no zip at all', async () => Buffer.from('hello'), /package: expected a zip archive/],
    [
      'a zip over 64 MB',
      async () => Buffer.alloc(200 * 1024 * 1024),
      /package: expected at most 67108864 bytes, got 209715200 bytes/,
    ],
    [
      'another file inside',
      () => zipOf({ 'report.txt': 'x' }),
      /inspection\.json: expected this file in the zip, got report\.txt/,
    ],
    [
      'too many files',
      () => zipOf(Object.fromEntries(Array.from({ length: 129 }, (_, n) => [`f${n}`, 'x']))),
      /package: expected at most 128 files, got 129/,
    ],
    [
      'one that inflates beyond its bound',
      () => zipOf({ 'inspection.json': Buffer.alloc(packageLimits.inflatedBytes + 1) }),
      /inspection\.json: expected at most 134217728 bytes inflated/,
    ],
    [
      'broken JSON inside',
      () => zipOf({ 'inspection.json': '{' }),
      /inspection\.json: expected JSON, got/,
    ],
  ])(
    'refuses %s, saying where',
    async (_, make, message) => {
      expect(await faults(await make())).toMatch(message);
    },
    30_000,
  );
});
