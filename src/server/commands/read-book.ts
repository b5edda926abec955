import 'server-only';
import type { Opened } from '@/core/record/package/opened';
import { inOrganisation } from '../db/connect';
import { maybeOneInspection, maybeOneState } from '../db/inspections';
import { keptTexts } from '../kept-texts';
import type { Session } from '../session';
import { readSettings } from './read-inspection';
import { asRead, loadStored } from './stored-inspection';

/** Those opened lately, as the text they are sent as: sent again as long as what they follow from is the same. */
const opened = keptTexts();

/**
 * What a device opens an inspection with, JSON of `Opened`. Of an id nobody has begun: nothing but the
 * settings it would begin with.
 */
export async function readBook(session: Session, id: string): Promise<string> {
  const { organisation } = session;
  const text = await inOrganisation(organisation, async (tx) => {
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
  });
  if (text !== undefined) return text;
  const settings = await readSettings(session);
  return JSON.stringify({ settings, entries: [], authors: [], carried: [] } satisfies Opened);
}
