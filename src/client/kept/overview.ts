import { onKept } from './answers';
import { allKeptFor, allPicturesFor, pin, pinsOf } from './kept';
import { inspectionAt } from './leaving';
import type { Room } from './room';
import { roomHere } from './room';

/** One inspection as it is on this device. */
export interface KeptInspection {
  inspection: string;
  /** When its copy was sent: a moment of ISO 8601. */
  at: string;
  /** Bytes of its entries and of its photos, about. */
  bytes: number;
  pictures: number;
  pinned: boolean;
}

/** What is taken along on this device. */
export interface KeptOverview {
  inspections: KeptInspection[];
  room: Room | undefined;
}

/** What a member has on this device, the newest copies first. */
export const overviewOf = (member: string): Promise<KeptOverview> =>
  onKept(async (db) => {
    const pinned = await pinsOf(db, member);
    const pictures = await allPicturesFor(db, member);
    const found = new Map<string, KeptInspection>();
    for (const { path, at, sent } of await allKeptFor(db, member)) {
      const inspection = inspectionAt(path);
      if (inspection === undefined) continue;
      const known = found.get(inspection);
      const bytes = JSON.stringify(sent).length;
      if (known) {
        known.bytes += bytes;
        if (Date.parse(at) > Date.parse(known.at)) known.at = at;
      } else
        found.set(inspection, {
          inspection,
          at,
          bytes,
          pictures: 0,
          pinned: pinned.has(inspection),
        });
    }
    for (const { inspections, blob } of pictures)
      for (const id of inspections) {
        const of = found.get(id);
        if (!of) continue;
        of.pictures += 1;
        of.bytes += blob.size / inspections.length;
      }
    return {
      inspections: [...found.values()].sort((a, b) => Date.parse(b.at) - Date.parse(a.at)),
      room: await roomHere(),
    };
  });

/** Keeps an inspection on this device whatever else leaves, or lets it leave with the others. */
export const setPinned = (member: string, inspection: string, wanted: boolean): Promise<void> =>
  onKept(async (db) => void (await pin(db, member, inspection, wanted)));
