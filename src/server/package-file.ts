import 'server-only';
import { crc32 } from 'node:zlib';
import yauzl from 'yauzl';
import yazl from 'yazl';
import type { Fault, Parsed } from '@/core/entries/versions';
import { canonicalJson } from '@/core/formats/canonical';
import type { InspectionPackage } from '@/core/formats/package';
import {
  packageFileName,
  packageFormat,
  packageVersion,
  parsePackage,
} from '@/core/formats/package';
import type { Settings } from '@/core/settings/settings';
import { sealOf } from '@/core/formats/seal';
import { ruleBookText, yardstickText } from '@/core/formats/rule-book';
import { asOfDay } from '@/core/report/dates';
import { orderEntries } from '@/core/entries/history';
import type { StoredInspection } from './commands/stored-inspection';
import { sha256Hex } from './sha256';

/** Bounds of a package, checked before anything is inflated. */
export const packageLimits = {
  zipBytes: 32 * 1024 * 1024,
  inflatedBytes: 64 * 1024 * 1024,
  files: 8,
};

export const yardstickDigest = (settings: Pick<Settings, 'yardstick' | 'amendments'>) =>
  sha256Hex(canonicalJson(yardstickText(settings)));
export const ruleBookDigest = () => sha256Hex(canonicalJson(ruleBookText()));

/** The package's one document. Entries stand in their total order. */
export function packageOf(stored: StoredInspection, title: string): InspectionPackage {
  const { settings, authors, entries } = stored;
  return {
    format: packageFormat,
    version: packageVersion,
    inspection: { id: stored.id, title },
    asOf: asOfDay(entries) ?? null,
    settings,
    authors: [...authors].sort((a, b) => (a.id < b.id ? -1 : 1)),
    yardstick: { id: settings.yardstick, digest: yardstickDigest(settings) },
    ruleBook: { digest: ruleBookDigest() },
    entries: [...orderEntries(entries).ordered],
  };
}

const sealFileName = 'seal.json';

/** A zip with canonical JSON and its seal inside; the same inspection gives the same bytes. */
export async function writePackage(document: InspectionPackage): Promise<Buffer> {
  const zip = new yazl.ZipFile();
  const add = (name: string, text: string) =>
    zip.addBuffer(Buffer.from(text), name, { mtime: new Date('2000-01-01T00:00:00Z') });
  add(packageFileName, canonicalJson(document));
  add(sealFileName, canonicalJson(sealOf(document, sha256Hex)));
  zip.end();
  const chunks: Buffer[] = [];
  for await (const chunk of zip.outputStream) chunks.push(Buffer.from(chunk as Uint8Array));
  return Buffer.concat(chunks);
}

/** Reads a package. Says where the fault is; returns nothing half-read. */
export async function readPackage(bytes: Buffer): Promise<Parsed<InspectionPackage>> {
  const texts = await readTexts(bytes);
  return texts.ok ? parsePackage(texts.value.document) : texts;
}

/** The texts of a package as they stand in the zip: the document, and the seal where there is one. */
export async function readTexts(
  bytes: Buffer,
): Promise<Parsed<{ document: string; seal: string | undefined }>> {
  const fail = (fault: Fault) => ({ ok: false as const, faults: [fault] });
  if (bytes.length > packageLimits.zipBytes)
    return fail({
      path: 'package',
      expected: `at most ${packageLimits.zipBytes} bytes`,
      got: `${bytes.length} bytes`,
    });
  let zip: yauzl.ZipFile;
  try {
    zip = await yauzl.fromBufferPromise(bytes, { lazyEntries: true, validateEntrySizes: true });
  } catch (error) {
    return fail({ path: 'package', expected: 'a zip archive', got: messageOf(error) });
  }
  try {
    if (zip.entryCount > packageLimits.files)
      return fail({
        path: 'package',
        expected: `at most ${packageLimits.files} files`,
        got: `${zip.entryCount}`,
      });
    const names = new Set<string>();
    let found: yauzl.Entry | undefined;
    let seal: yauzl.Entry | undefined;
    let inflated = 0;
    for await (const entry of zip.eachEntry()) {
      if (names.has(entry.fileName))
        return fail({ path: entry.fileName, expected: 'each name once', got: 'it twice' });
      names.add(entry.fileName);
      inflated += entry.uncompressedSize;
      if (inflated > packageLimits.inflatedBytes)
        return fail({
          path: entry.fileName,
          expected: `at most ${packageLimits.inflatedBytes} bytes inflated`,
          got: `${inflated} bytes`,
        });
      if (entry.fileName === packageFileName) found = entry;
      if (entry.fileName === sealFileName) seal = entry;
    }
    if (!found)
      return fail({
        path: packageFileName,
        expected: 'this file in the zip',
        got: [...names].join(', ') || 'no files',
      });
    const document = await inflate(zip, found);
    if (typeof document !== 'string') return fail(document);
    const sealed = seal && (await inflate(zip, seal));
    if (typeof sealed === 'object') return fail(sealed);
    return { ok: true, value: { document, seal: sealed } };
  } catch (error) {
    return fail({ path: 'package', expected: 'a sound zip archive', got: messageOf(error) });
  } finally {
    zip.close();
  }
}

async function inflate(zip: yauzl.ZipFile, entry: yauzl.Entry): Promise<string | Fault> {
  const stream = await zip.openReadStreamPromise(entry);
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(Buffer.from(chunk as Uint8Array));
  const content = Buffer.concat(chunks);
  const crc = crc32(content);
  if (crc !== entry.crc32)
    return {
      path: entry.fileName,
      expected: `checksum ${entry.crc32.toString(16)}`,
      got: crc.toString(16),
    };
  return content.toString('utf8');
}

const messageOf = (error: unknown) => (error instanceof Error ? error.message : String(error));
