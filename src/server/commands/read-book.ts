import 'server-only';
import type { Opened } from '@/core/record/package/opened';
import type { Transaction } from '../db/connect';
import { inOrganisation } from '../db/connect';
import { oneArrival } from '../db/entries';
import { maybeOneInspection, maybeOneState } from '../db/inspections';
import { keptTexts } from '../kept-texts';
import type { Session } from '../session';
import { readSettings } from './read-inspection';
import { asRead, loadStored } from './stored-inspection';

/** Those opened lately, as the text they are sent as: sent again as long as what they follow from is the same. */
const opened = keptTexts();

interface BookRead {
  /** JSON of `Opened`. */
  text: string;
  /** It has at least what arrived up to here. */
  arrived: number;
}

/**
 * What a device opens an inspection with. Of an id nobody has begun: nothing but the settings it would begin with.
 */
export async function readBook(session: Session, id: string): Promise<BookRead> {
  const { organisation } = session;
  const read = await inOrganisation(organisation, async (tx) => {
    // Before what is read: more may arrive meanwhile, and be told twice.
    const { arrival: arrived } = await oneArrival(tx, id);
    const text = await textOf(tx, organisation, id);
    return text === undefined ? undefined : { text, arrived };
  });
  if (read) return read;
  const settings = await readSettings(session);
  const nothing = { settings, entries: [], authors: [], carried: [] } satisfies Opened;
  return { text: JSON.stringify(nothing), arrived: 0 };
}

async function textOf(
  tx: Transaction,
  organisation: string,
  id: string,
): Promise<string | undefined> {
  const state = await maybeOneState(tx, id);
  if (!state) return undefined;
  const key = `${organisation}|${id}|${state.state}`;
  const known = opened.get(key);
  if (known) return known;
  const row = await maybeOneInspection(tx, id);
  if (!row) return undefined;
  const { settings, entries, authors, carried } = asRead(await loadStored(tx, row));
  const now = JSON.stringify({ settings, entries, authors, carried } satisfies Opened);
  opened.set(key, now);
  return now;
}
