import * as v from 'valibot';
import { canonicalJson } from '@/core/vocabulary/canonical';
import { describeFault } from '@/core/vocabulary/fault';
import { parseEntry } from '@/core';
import { digestOf } from '../digest';
import type { Held, HeldDatabase, HeldPicture } from './held';
import { hold } from './held';

const id = v.pipe(v.string(), v.minLength(1), v.maxLength(100));
const fileSchema = v.strictObject({
  format: v.literal('east-gate-held'),
  version: v.literal(1),
  /** Whose they are: nobody else brings them back. */
  member: id,
  name: v.pipe(v.string(), v.maxLength(200)),
  savedAt: v.pipe(v.string(), v.maxLength(40)),
  entries: v.array(v.strictObject({ organisation: id, inspection: id, entry: v.unknown() })),
  /** Bytes as base64. */
  pictures: v.array(
    v.strictObject({
      digest: v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/)),
      type: v.pipe(v.string(), v.maxLength(100)),
      bytes: v.string(),
    }),
  ),
  /** SHA-256 in hex of all the rest, in canonical form. */
  digest: v.string(),
});
type HeldFile = v.InferOutput<typeof fileSchema>;

/** What became of a file that was brought back. */
export type BroughtBack =
  | { ok: true; entries: number; pictures: number; known: number }
  /** Nothing of it was taken. */
  | { ok: false; fault: string };

/** Everything a member recorded here that has not arrived, as the text of a file. Nothing leaves the device's store. */
export async function heldFile(
  db: HeldDatabase,
  { member, name, now }: { member: string; name: string; now: string },
): Promise<string> {
  const all = await db.getAll('entries');
  const pictures = (await db.getAll('pictures')).filter(
    (one) => one.member === member && one.state !== 'arrived',
  );
  const file = {
    format: 'east-gate-held' as const,
    version: 1 as const,
    member,
    name,
    savedAt: now,
    entries: all
      .filter((one) => one.member === member && one.state !== 'arrived')
      .map(({ organisation, inspection, entry }) => ({ organisation, inspection, entry })),
    pictures: await Promise.all(
      pictures.map(async ({ digest, blob }) => ({
        digest,
        type: blob.type,
        bytes: toBase64(new Uint8Array(await blob.arrayBuffer())),
      })),
    ),
  };
  return JSON.stringify({ ...file, digest: await sealOf(file) } satisfies HeldFile);
}

/**
 * Takes such a file in again: what is not on this device yet waits to be sent as before. A file that was changed, or
 * is somebody else's, is refused as a whole.
 */
export async function bringBack(
  db: HeldDatabase,
  member: string,
  text: string,
): Promise<BroughtBack> {
  const refused = (fault: string): BroughtBack => ({ ok: false, fault });
  const parsed = v.safeParse(fileSchema, asJson(text));
  if (!parsed.success)
    return refused('This is no file of held entries: expected one that was saved from Today.');
  const { digest, ...file } = parsed.output;
  if (digest !== (await sealOf(file)))
    return refused('This file was changed since it was saved. Nothing of it was taken.');
  if (file.member !== member)
    return refused(
      `These were recorded by ${file.name || 'somebody else'}, who has to sign in here to bring them back. Nothing of it was taken.`,
    );
  const entries: Held[] = [];
  for (const { organisation, inspection, entry } of file.entries) {
    const read = parseEntry(entry);
    if (!read.ok)
      return refused(
        `An entry in it cannot be read: ${read.faults.slice(0, 1).map(describeFault).join('')}. Nothing of it was taken.`,
      );
    entries.push({
      member,
      organisation,
      inspection,
      id: read.value.id,
      entry: read.value,
      state: 'waiting',
    });
  }
  const pictures: HeldPicture[] = file.pictures.map((one) => ({
    member,
    digest: one.digest,
    blob: new Blob([fromBase64(one.bytes)], { type: one.type }),
    ...(one.type.startsWith('audio/') && { kind: 'sound' as const }),
    state: 'waiting',
  }));
  const fresh = await without(entries, (one) => db.get('entries', [member, one.id]));
  const freshPictures = await without(pictures, (one) => db.get('pictures', [member, one.digest]));
  // Pictures first: an entry that names one is never sent before it is here.
  for (const picture of freshPictures) await db.put('pictures', picture);
  await hold(db, fresh);
  return {
    ok: true,
    entries: fresh.length,
    pictures: freshPictures.length,
    known: entries.length - fresh.length + pictures.length - freshPictures.length,
  };
}

/** Those that are not on this device, or were refused before. */
async function without<T>(
  all: readonly T[],
  here: (one: T) => Promise<{ state: string } | undefined>,
): Promise<T[]> {
  const fresh: T[] = [];
  for (const one of all) {
    const known = await here(one);
    if (!known || known.state === 'refused') fresh.push(one);
  }
  return fresh;
}

function asJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

const sealOf = (file: Omit<HeldFile, 'digest'>): Promise<string> =>
  digestOf(new TextEncoder().encode(canonicalJson(file)));

/** In pieces: a function takes only so many arguments. */
function toBase64(bytes: Uint8Array): string {
  let text = '';
  for (let at = 0; at < bytes.length; at += 0x8000)
    text += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  return btoa(text);
}

const fromBase64 = (text: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));
