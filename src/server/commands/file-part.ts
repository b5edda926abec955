import 'server-only';
import * as v from 'valibot';
import { inOrganisation } from '../db/connect';
import {
  deleteOldFileParts,
  insertFilePart,
  lockFileParts,
  onePartsCount,
  takeFileParts,
} from '../db/file-parts';
import { sha256Hex } from '../sha256';
import { Busy } from '../share';
import type { Session } from '../session';
import { demand } from '../session';
import { mostPictureBytes } from './check-picture';
import type { Stored } from './pictures';

/** Bytes of one part at most. */
export const mostPartBytes = 256 * 1024;
/** Bytes of all files of an office that are on their way. */
const mostOnTheWay = 256 * 1024 * 1024;
/** Days after which what came of a file leaves, where no more comes. */
const daysKept = 7;

const count = (most: number) =>
  v.pipe(v.string(), v.regex(/^\d{1,9}$/), v.transform(Number), v.maxValue(most));

const partSchema = v.pipe(
  v.object({
    /** SHA-256 of the whole, hex. */
    digest: v.pipe(v.string(), v.regex(/^[0-9a-f]{64}$/)),
    /** Where the part begins, bytes. */
    from: count(mostPictureBytes),
    /** Bytes of the whole. */
    of: v.pipe(count(mostPictureBytes), v.minValue(1)),
  }),
  v.check(({ from, of }) => from <= of),
);

export type PartTaken =
  | Stored
  /** How much is here, bytes: the next part begins there. */
  | { ok: true; received: number };

const faulty = `Expected a part of at most ${mostPartBytes} bytes with ?digest (SHA-256, hex), ?from and ?of (bytes, at most ${mostPictureBytes}).`;

/**
 * Takes a part of a file that begins where the one before ended; any other is not taken, and it is said where to
 * go on. An empty one only asks that. The last one makes the
 * file, by its digest.
 * @param store keeps the whole, or says why it cannot be kept
 * @throws Busy where an office has too many files half on their way
 */
export async function storeFilePart(
  session: Session,
  asked: Record<string, string>,
  bytes: Buffer,
  store: (session: Session, whole: Buffer) => Promise<Stored>,
): Promise<PartTaken> {
  demand(session, 'record', 'library');
  const parsed = v.safeParse(partSchema, asked);
  if (!parsed.success || bytes.length > mostPartBytes) return { ok: false, reason: faulty };
  const { digest, from, of } = parsed.output;
  if (from + bytes.length > of) return { ok: false, reason: faulty };
  const { organisation } = session;
  const taken = await inOrganisation(organisation, async (tx) => {
    await lockFileParts(tx, organisation, digest);
    let here = await onePartsCount(tx, digest);
    if (here.known) return { known: true };
    if (here.on_the_way + bytes.length > mostOnTheWay) {
      await deleteOldFileParts(tx, daysKept);
      here = await onePartsCount(tx, digest);
      if (here.on_the_way + bytes.length > mostOnTheWay) throw new Busy();
    }
    const { received } = here;
    if (from !== received || bytes.length === 0) return { received };
    await insertFilePart(tx, organisation, { digest, from, bytes });
    if (from + bytes.length < of) return { received: from + bytes.length };
    const parts = await takeFileParts(tx, digest);
    return { whole: Buffer.concat(parts.map((part) => part.bytes)) };
  });
  if ('known' in taken) return { ok: true, digest };
  if ('received' in taken) return { ok: true, received: taken.received! };
  // It changed on the way: nothing of it is here any more.
  if (sha256Hex(taken.whole!) !== digest) return { ok: true, received: 0 };
  return store(session, taken.whole!);
}
