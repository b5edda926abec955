import 'server-only';
import { crc32 } from 'node:zlib';
import yauzl from 'yauzl';
import type { Fault, Parsed } from '@/core/vocabulary/fault';
import { packageFileName } from '@/core';
import { sha256Hex } from './sha256';

/** Bounds of a package, checked before anything is inflated. */
export const packageLimits = {
  zipBytes: 64 * 1024 * 1024,
  inflatedBytes: 128 * 1024 * 1024,
  /** Document, seal and pictures. */
  files: 128,
};

export const sealFileName = 'seal.json';
export const pictureFileName = (digest: string, mediaType: string) =>
  `pictures/${digest}.${mediaType.slice('image/'.length)}`;
const pictureName = /^pictures\/([0-9a-f]{64})\.(jpeg|png|webp)$/;
export const soundFileName = (digest: string, mediaType: string) =>
  `sounds/${digest}.${mediaType.slice('audio/'.length)}`;
const soundName = /^sounds\/([0-9a-f]{64})\.(webm|ogg|mp4)$/;

/** What stands in a package's zip. */
export interface PackageFiles {
  document: string;
  seal: string | undefined;
  /** By SHA-256 of their bytes. */
  pictures: Map<string, Buffer>;
  /** Spoken notes, by SHA-256 of their bytes. */
  sounds: Map<string, Buffer>;
}

/** Reads a zip within its bounds. Each picture is the one its name says, or the fault names it. */
export async function readZip(bytes: Buffer): Promise<Parsed<PackageFiles>> {
  const fail = (path: string, expected: string, got: string) => ({
    ok: false as const,
    faults: [{ path, expected, got }],
  });
  if (bytes.length > packageLimits.zipBytes)
    return fail('package', `at most ${packageLimits.zipBytes} bytes`, `${bytes.length} bytes`);
  let zip: yauzl.ZipFile;
  try {
    zip = await yauzl.fromBufferPromise(bytes, { lazyEntries: true, validateEntrySizes: true });
  } catch (error) {
    return fail('package', 'a zip archive', messageOf(error));
  }
  try {
    if (zip.entryCount > packageLimits.files)
      return fail('package', `at most ${packageLimits.files} files`, `${zip.entryCount}`);
    const entries = new Map<string, yauzl.Entry>();
    let inflated = 0;
    for await (const entry of zip.eachEntry()) {
      const { fileName } = entry;
      if (entries.has(fileName)) return fail(fileName, 'each name once', 'it twice');
      entries.set(fileName, entry);
      inflated += entry.uncompressedSize;
      if (inflated > packageLimits.inflatedBytes)
        return fail(
          fileName,
          `at most ${packageLimits.inflatedBytes} bytes inflated`,
          `${inflated} bytes`,
        );
    }
    const found = entries.get(packageFileName);
    if (!found)
      return fail(
        packageFileName,
        'this file in the zip',
        [...entries.keys()].join(', ') || 'no files',
      );
    const document = await inflate(zip, found);
    if ('expected' in document) return { ok: false, faults: [document] };
    const seal = entries.get(sealFileName);
    const sealed = seal && (await inflate(zip, seal));
    if (sealed && 'expected' in sealed) return { ok: false, faults: [sealed] };
    const pictures = await filesIn(zip, entries, {
      folder: 'pictures/',
      name: pictureName,
      expected: 'pictures/, a SHA-256 in hex, .jpeg, .png or .webp',
      what: 'the picture its name says',
    });
    if ('expected' in pictures) return { ok: false, faults: [pictures] };
    const sounds = await filesIn(zip, entries, {
      folder: 'sounds/',
      name: soundName,
      expected: 'sounds/, a SHA-256 in hex, .webm, .ogg or .mp4',
      what: 'the spoken note its name says',
    });
    if ('expected' in sounds) return { ok: false, faults: [sounds] };
    return {
      ok: true,
      value: {
        document: document.toString('utf8'),
        seal: sealed?.toString('utf8'),
        pictures,
        sounds,
      },
    };
  } catch (error) {
    return fail('package', 'a sound zip archive', messageOf(error));
  } finally {
    zip.close();
  }
}

/** Files of one folder that go by their digest: each is the one its name says, or the fault names it. */
async function filesIn(
  zip: yauzl.ZipFile,
  entries: ReadonlyMap<string, yauzl.Entry>,
  {
    folder,
    name,
    expected,
    what,
  }: { folder: string; name: RegExp; expected: string; what: string },
): Promise<Map<string, Buffer> | Fault> {
  const files = new Map<string, Buffer>();
  for (const [path, entry] of entries) {
    if (!path.startsWith(folder)) continue;
    const digest = name.exec(path)?.[1];
    if (!digest) return { path, expected, got: 'it' };
    const file = await inflate(zip, entry);
    if ('expected' in file) return file;
    const digestNow = sha256Hex(file);
    if (digestNow !== digest) return { path, expected: what, got: `one of digest ${digestNow}` };
    files.set(digest, file);
  }
  return files;
}

async function inflate(zip: yauzl.ZipFile, entry: yauzl.Entry): Promise<Buffer | Fault> {
  const stream = await zip.openReadStreamPromise(entry);
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(Buffer.from(chunk as Uint8Array));
  const content = Buffer.concat(chunks);
  const crc = crc32(content);
  return crc === entry.crc32
    ? content
    : {
        path: entry.fileName,
        expected: `checksum ${entry.crc32.toString(16)}`,
        got: crc.toString(16),
      };
}

const messageOf = (error: unknown) => (error instanceof Error ? error.message : String(error));
