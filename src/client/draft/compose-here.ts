import type { Audience } from '@/core/show/report/audience';
import type { Sheet } from '@/core/show/report/blocks/sheet';
import type { Letterhead } from '@/core/codes/settings/letterhead';
import { compareEntries } from '@/core/record/entries/entry';
import type { Opened } from '@/core/record/package/opened';
import { keptAnswer } from '../kept/answers';
import { heldOf, openHeld } from '../outbox/held';
import { bookPath, libraryPath } from '../sent/paths';
import type { DraftQuestion, DraftSays } from '@/workers/draft';

/** A draft composed without the server. */
export interface ComposedHere {
  sheet: Sheet;
  /** When the copy it is composed from was sent here: a moment of ISO 8601. */
  keptAt: string;
  /** Entries of this device that the server did not have then. */
  added: number;
}

interface BookKept {
  who: { member: string; name: string; licence?: string };
  opened: Opened;
}

/**
 * What one reader is shown of an inspection, from this device alone; undefined: it is not on this device.
 * @throws where it could not be composed
 */
export async function composeHere(
  inspection: string,
  audience: Audience,
): Promise<ComposedHere | undefined> {
  const kept = await keptAnswer(bookPath(inspection));
  if (!kept) return undefined;
  const { who, opened } = kept.sent as BookKept;
  const db = await openHeld();
  const held = await heldOf(db, who.member, inspection).finally(() => db.close());
  const known = new Set(opened.entries.map(({ id }) => id));
  const added = held.filter(({ state, id }) => state !== 'refused' && !known.has(id));
  const entries = [...opened.entries, ...added.map(({ entry }) => entry)].sort(compareEntries);
  const { letterhead } = ((await keptAnswer(libraryPath))?.sent ?? {}) as {
    letterhead?: Letterhead | null;
  };
  const authors = opened.authors.some(({ id }) => id === who.member)
    ? opened.authors
    : [...opened.authors, { id: who.member, name: who.name, licence: who.licence ?? '' }];
  const drafted = { ...opened, id: inspection, entries, authors };
  const sheet = await composed({
    drafted: { ...drafted, letterhead: letterhead ?? undefined },
    audience,
    now: new Date(),
  });
  return { sheet, keptAt: kept.at, added: added.length };
}

/**
 * Asks a worker of its own: a program put together beside the pages, so that none of them carries it.
 * @throws where it could not be composed
 */
function composed(question: DraftQuestion): Promise<Sheet> {
  const worker = new Worker('/draft.js');
  return new Promise<Sheet>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<DraftSays>) =>
      data.kind === 'composed' ? resolve(data.sheet) : reject(new Error(data.message));
    worker.onerror = () => reject(new Error('What composes a report could not be loaded.'));
    worker.postMessage(question);
  }).finally(() => worker.terminate());
}
