import 'server-only';
import * as v from 'valibot';
import type { Author } from '@/core';
import { anySettingsSchema, parseEntry } from '@/core';
import type { Entry } from '@/core/record/entries/entry';
import type { Carried } from '@/core/record/package/carried';
import { carriedOneSchema, readAs } from '@/core/record/package/carried';
import type { Settings } from '@/core/codes/settings/settings';
import { utcDay } from '@/core/show/report/dates';
import type { Transaction } from '../db/connect';
import { entriesWithout } from '@/core/record/erased';
import { manyCarried } from '../db/carried';
import { manyEntries } from '../db/entries';
import type { InspectionRow, LatestIssued } from '../db/inspections';
import type { Stage } from '../db/inspections';
import { upsertState } from '../db/inspections';
import type { last } from '../db/rows';
import type { IssuedRow } from '../db/reports';
import { manyIssuedOf } from '../db/reports';
import { manyMembers } from '../db/members';
import { bookRunning } from '../code-digests';
import { heavy } from '../heavy/pool';
import { judgeSeconds } from '../run/metrics';
import type { Figures } from './figures';
import { fewEntries, figuresOf } from './figures';

/** An inspection as stored, its parts parsed. */
export interface StoredInspection {
  id: string;
  settings: Settings;
  /** Members who delivered, and authors of what was brought before that was recorded. */
  authors: Author[];
  /** Bodies as they were written; what was removed on request is marked. */
  entries: Entry[];
  /** What packages brought, and who brought them; null: not recorded. */
  carried: Carried[] | null;
}

/** An inspection with everybody under a name of his own: what is judged, shown and printed. */
export const asRead = <
  S extends Pick<StoredInspection, 'entries' | 'authors'> & { carried?: Carried[] | null },
>(
  stored: S,
): S => ({ ...stored, ...readAs(stored.entries, stored.authors, stored.carried ?? null) });

const authorsSchema = v.array(v.object({ id: v.string(), name: v.string(), licence: v.string() }));

/** Reads entries, settings and the authors who wrote them. Stored rows that do not parse are a bug. */
export async function loadStored(tx: Transaction, row: InspectionRow): Promise<StoredInspection> {
  const entries = (await manyEntries(tx, row.id)).map(({ body }) => {
    const parsed = parseEntry(body);
    if (!parsed.ok)
      throw new Error(`Stored entry in ${row.id}: ${JSON.stringify(parsed.faults[0])}`);
    return parsed.value;
  });
  const carried = (row.has_carried ? await manyCarried(tx, row.id) : [])
    .filter((one) => one.entries.length > 0)
    .map((one) =>
      v.parse(carriedOneSchema, {
        package: one.digest,
        office: one.office,
        by: { id: one.brought_by, name: one.brought_name },
        at: one.brought_at.toISOString(),
        authors: one.authors,
        entries: one.entries,
        before: one.before,
      }),
    );
  const brought = new Set(carried.flatMap((one) => one.entries));
  const wrote = new Set(entries.flatMap(({ id, author }) => (brought.has(id) ? [] : author)));
  const imported = v.parse(authorsSchema, row.authors);
  const known = new Set(imported.map((author) => author.id));
  const members = (await manyMembers(tx)).filter((member) => !known.has(member.id));
  return {
    id: row.id,
    settings: v.parse(anySettingsSchema, row.settings),
    authors: [...imported, ...members].filter((author) => wrote.has(author.id)),
    entries: row.erased_at ? entriesWithout(entries) : entries,
    carried: imported.length > 0 && carried.length === 0 ? null : carried,
  };
}

/** Writes what lists show of an inspection, computed from all its entries. */
export async function materialise(
  tx: Transaction,
  organisation: string,
  stored: StoredInspection,
): Promise<void> {
  const { id, entries, settings } = stored;
  const judged = judgeSeconds.startTimer();
  const figures =
    entries.length > fewEntries
      ? await heavy(organisation, 'figures', { entries, settings })
      : figuresOf(entries, settings);
  judged();
  const [latest] = await manyIssuedOf(tx, id);
  await writeState(tx, organisation, id, figures, latest);
}

/**
 * Writes what lists show of an inspection, as it was worked out.
 * @param ask `last` where nothing is asked after it
 */
export async function writeState(
  tx: Transaction,
  organisation: string,
  id: string,
  { returning, words, ...figures }: Figures,
  latest: LatestIssued | undefined,
  ask?: typeof last,
): Promise<void> {
  await upsertState(
    tx,
    organisation,
    {
      inspection_id: id,
      ...figures,
      stage: stageOf(latest, figures.entries, returning),
      issued_as: latest ? numberWords(latest) : null,
      words: wordsOf(words, latest?.number ?? null),
      judged_by: bookRunning(),
    },
    ask,
  );
}

/**
 * What an inspection is found by.
 * @param number of its latest report; null: none
 */
export const wordsOf = (words: readonly string[], number: string | null): string =>
  // Year and number as words of their own: with the dash the second would be a negative number.
  [...words, ...(number === null ? [] : [number.replace('-', ' ')])].join(' ');

function stageOf(latest: LatestIssued | undefined, entries: number, returning: boolean): Stage {
  if (!latest) return 'draft';
  if (latest.kind === 'closing') return 'closed';
  if (returning) return 'returning';
  return latest.entries === entries ? 'issued' : 'changed';
}

/** "2026-0007, revision 2" */
export const numberWords = ({ number, revision }: Pick<IssuedRow, 'number' | 'revision'>) =>
  revision === 0 ? number : `${number}, revision ${revision}`;

/** The day a report was issued, YYYY-MM-DD. */
export const issuedDay = ({ issued_on, issued_at }: Pick<IssuedRow, 'issued_on' | 'issued_at'>) =>
  issued_on ?? utcDay(issued_at);
