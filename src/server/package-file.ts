import 'server-only';
import yazl from 'yazl';
import type { Parsed } from '@/core/vocabulary/fault';
import { orderEntries } from '@/core/record/entries/history';
import { canonicalJson } from '@/core/vocabulary/canonical';
import type { InspectionPackage, IssuedSeal } from '@/core';
import { packageFileName, packageFormat, packageVersion, parsePackage } from '@/core';
import { picturesOf } from '@/core/record/package/pictures-named';
import { soundsNamed } from '@/core/record/package/sounds-named';
import { ruleBookText, yardstickText } from '@/core/judge/examine/rule-book';
import { sealOf } from '@/core/record/package/seal';
import type { Letterhead } from '@/core/codes/settings/letterhead';
import { asOfDay } from '@/core/show/report/dates';
import type { Settings } from '@/core/codes/settings/settings';
import type { PictureFile } from './db/pictures';
import type { SoundFile } from './db/sounds';
import { pictureFileName, readZip, sealFileName, soundFileName } from './package-zip';
import { sha256Hex } from './sha256';

export const yardstickDigest = (settings: Pick<Settings, 'yardstick' | 'amendments'>) =>
  sha256Hex(canonicalJson(yardstickText(settings)));
export const ruleBookDigest = () => sha256Hex(canonicalJson(ruleBookText()));

/** What a package is made of. */
export type Packed = Pick<InspectionPackage, 'settings' | 'authors' | 'entries' | 'carried'> & {
  id: string;
};

/** The package's one document. Entries stand in their total order. */
export function packageOf(
  stored: Packed,
  title: string,
  now = new Date(),
  issued: IssuedSeal | null = null,
  letterhead: Letterhead | null = null,
): InspectionPackage {
  const { settings, authors, entries, carried } = stored;
  return {
    format: packageFormat,
    version: packageVersion,
    inspection: { id: stored.id, title },
    asOf: asOfDay(entries, now) ?? null,
    settings,
    authors: [...authors].sort((a, b) => (a.id < b.id ? -1 : 1)),
    yardstick: { id: settings.yardstick, digest: yardstickDigest(settings) },
    ruleBook: { digest: ruleBookDigest() },
    issued,
    carried,
    letterhead,
    entries: [...orderEntries(entries).ordered],
  };
}

/** A zip with canonical JSON, its seal, its pictures and its spoken notes inside; the same inspection gives the same bytes. */
export async function writePackage(
  document: InspectionPackage,
  pictures: readonly PictureFile[] = [],
  sounds: readonly SoundFile[] = [],
): Promise<Buffer> {
  const zip = new yazl.ZipFile();
  const mtime = new Date('2000-01-01T00:00:00Z');
  const add = (name: string, text: string) => zip.addBuffer(Buffer.from(text), name, { mtime });
  add(packageFileName, canonicalJson(document));
  add(sealFileName, canonicalJson(sealOf(document, sha256Hex)));
  // A picture is as small as it gets.
  for (const { digest, media_type, bytes } of pictures)
    zip.addBuffer(bytes, pictureFileName(digest, media_type), { mtime, compress: false });
  for (const { digest, media_type, bytes } of sounds)
    zip.addBuffer(bytes, soundFileName(digest, media_type), { mtime, compress: false });
  zip.end();
  const chunks: Buffer[] = [];
  for await (const chunk of zip.outputStream) chunks.push(Buffer.from(chunk as Uint8Array));
  return Buffer.concat(chunks);
}

export interface ReadPackage {
  document: InspectionPackage;
  /** SHA-256 of the document as it was sent, hex. */
  digest: string;
  /** By SHA-256 of their bytes. */
  pictures: Map<string, Buffer>;
  /** Pictures that entries name and the package does not hold. */
  missing: string[];
  /** Spoken notes, by SHA-256 of their bytes. */
  sounds: Map<string, Buffer>;
  /** Spoken notes that entries name and the package does not hold. */
  missingSounds: string[];
}

/** Reads a package. Says where the fault is; returns nothing half-read. */
export async function readPackage(bytes: Buffer): Promise<Parsed<ReadPackage>> {
  const files = await readZip(bytes);
  if (!files.ok) return files;
  const parsed = parsePackage(files.value.document);
  if (!parsed.ok) return parsed;
  const { pictures, sounds } = files.value;
  const named = picturesOf(parsed.value);
  const stray = [...pictures.keys()].find((digest) => !named.includes(digest));
  if (stray)
    return {
      ok: false,
      faults: [{ path: `pictures/${stray}`, expected: 'a picture an entry names', got: 'another' }],
    };
  const spoken = soundsNamed(parsed.value.entries);
  const straySound = [...sounds.keys()].find((digest) => !spoken.includes(digest));
  if (straySound)
    return {
      ok: false,
      faults: [
        { path: `sounds/${straySound}`, expected: 'a spoken note an entry names', got: 'another' },
      ],
    };
  return {
    ok: true,
    value: {
      document: parsed.value,
      digest: sha256Hex(files.value.document),
      pictures,
      missing: named.filter((digest) => !pictures.has(digest)),
      sounds,
      missingSounds: spoken.filter((digest) => !sounds.has(digest)),
    },
  };
}
