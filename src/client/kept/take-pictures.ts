import ky from 'ky';
import type { KeptDatabase } from './kept';
import { keptPictureFor } from './kept';
import { isRoomFor, roomHere } from './room';

/** What a picture of the size of a screen weighs at most, about: for whether there is room. */
const aboutBytes = 200_000;

/** Digests of the photos an inspection's entries speak of, those taken out too. */
export function digestsIn(entries: readonly unknown[]): string[] {
  const digests = entries.flatMap((entry) => {
    const digest = (entry as { facts?: { digest?: unknown } } | null)?.facts?.digest;
    return typeof digest === 'string' && /^[0-9a-f]{64}$/.test(digest) ? [digest] : [];
  });
  return [...new Set(digests)];
}

/**
 * Takes along the photos of an inspection in the size of a screen, one after another.
 * @returns false: there is no room, or the server is not reached
 */
export async function takePictures(
  db: KeptDatabase,
  member: string,
  { inspection, entries }: { inspection: string; entries: readonly unknown[] },
  left: AbortSignal,
): Promise<boolean> {
  for (const digest of digestsIn(entries)) {
    const known = await keptPictureFor(db, member, digest);
    if (known) {
      if (!known.inspections.includes(inspection))
        await db.put('pictures', { ...known, inspections: [...known.inspections, inspection] });
      continue;
    }
    if (!isRoomFor(await roomHere(), aboutBytes)) return false;
    try {
      const answer = await ky(`/pictures/${digest}?screen`, {
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
