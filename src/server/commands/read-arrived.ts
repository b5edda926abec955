import 'server-only';
import { parseEntry } from '@/core';
import type { Entry } from '@/core/record/entries/entry';
import { entriesWithout } from '@/core/record/erased';
import type { News } from '@/core/record/package/news';
import { inOrganisation } from '../db/connect';
import { manyArrived } from '../db/entries';
import { maybeOneErasure } from '../db/erasures';
import { manyMembers } from '../db/members';
import type { Session } from '../session';

/** Entries sent at once; what is beyond them is asked for after them. */
export const mostNews = 500;

/**
 * What arrived at an inspection of this organisation after a place in the order of arrival: nothing where there is no
 * such inspection, or not yet. What a package brought is read under other names: then the whole is to be asked for
 * anew.
 */
export function readArrived(
  { organisation }: Pick<Session, 'organisation'>,
  inspection: string,
  after: number,
): Promise<News> {
  return inOrganisation(organisation, async (tx) => {
    const rows = await manyArrived(tx, inspection, after, mostNews);
    if (rows.length === 0) return { from: after, arrived: after, entries: [], authors: [] };
    const arrived = rows.at(-1)!.arrival;
    if (rows.some(({ carried }) => carried))
      return { from: after, arrived, entries: [], authors: [], again: true };
    const entries = rows.map(({ body }): Entry => {
      const parsed = parseEntry(body);
      if (!parsed.ok)
        throw new Error(`Stored entry in ${inspection}: ${JSON.stringify(parsed.faults[0])}`);
      return parsed.value;
    });
    const erased = await maybeOneErasure(tx, inspection);
    const wrote = new Set(entries.map(({ author }) => author));
    const authors = (await manyMembers(tx)).filter(({ id }) => wrote.has(id));
    return { from: after, arrived, entries: erased ? entriesWithout(entries) : entries, authors };
  });
}
