import ky from 'ky';
import type { KeptDatabase } from './kept';
import { keptPictureFor } from './kept';
import { isRoomFor, roomHere } from './room';

/** What a picture of the size of a screen weighs at most, about: for whether there is room. */
const aboutBytes = 200_000;

/** A photo or spoken note, by its digest, and where it is asked for. */
export interface FileNamed {
  digest: string;
  path: string;
}

const isDigest = (one: unknown): one is string =>
  typeof one === 'string' && /^[0-9a-f]{64}$/.test(one);

/** The photos and spoken notes an inspection's entries speak of, those taken out too, each once. */
export function filesIn(entries: readonly unknown[]): FileNamed[] {
  const files = new Map<string, FileNamed>();
  for (const entry of entries) {
    const { digest, recording } =
      (entry as { facts?: Record<string, unknown> | null } | null)?.facts ?? {};
    // Of a photo the size of a screen is enough here.
    if (isDigest(digest)) files.set(digest, { digest, path: `/pictures/${digest}?screen` });
    if (isDigest(recording))
      files.set(recording, { digest: recording, path: `/sounds/${recording}` });
  }
  return [...files.values()];
}

/**
 * Takes along the photos and spoken notes of an inspection, one after another.
 * @returns false: there is no room, or the server is not reached
 */
export async function takePictures(
  db: KeptDatabase,
  member: string,
  { inspection, entries }: { inspection: string; entries: readonly unknown[] },
  left: AbortSignal,
): Promise<boolean> {
  for (const { digest, path } of filesIn(entries)) {
    const known = await keptPictureFor(db, member, digest);
    if (known) {
      if (!known.inspections.includes(inspection))
        await db.put('pictures', { ...known, inspections: [...known.inspections, inspection] });
      continue;
    }
    if (!isRoomFor(await roomHere(), aboutBytes)) return false;
    try {
      const answer = await ky(path, {
        retry: 0,
        throwHttpErrors: false,
        signal: left,
        timeout: 60_000,
      });
      if (answer.ok)
        await db.put('pictures', {
          member,
          digest,
          blob: await answer.blob(),
          inspections: [inspection],
        });
    } catch {
      return false;
    }
    if (left.aborted) return false;
  }
  return true;
}
