import 'server-only';
import * as v from 'valibot';
import type { Author } from '@/core';
import { anySettingsSchema, parseEntry } from '@/core';
import type { Entry } from '@/core/record/entries/entry';
import type { Settings } from '@/core/codes/settings/settings';
import type { Transaction } from '../db/connect';
import { manyEntries } from '../db/entries';
import type { InspectionRow } from '../db/inspections';
import type { Stage } from '../db/inspections';
import { upsertState } from '../db/inspections';
import type { IssuedRow } from '../db/reports';
import { manyIssuedOf } from '../db/reports';
import { manyMembers } from '../db/members';
import { heavy } from '../heavy/pool';
import { figuresOf } from './figures';

/** An inspection as stored, its parts parsed. */
export interface StoredInspection {
  id: string;
  settings: Settings;
  authors: Author[];
  entries: Entry[];
}

const authorsSchema = v.array(v.object({ id: v.string(), name: v.string(), licence: v.string() }));

/** Reads entries, settings and the authors who wrote them. Stored rows that do not parse are a bug. */
export async function loadStored(tx: Transaction, row: InspectionRow): Promise<StoredInspection> {
  const entries = (await manyEntries(tx, row.id)).map(({ body }) => {
    const parsed = parseEntry(body);
    if (!parsed.ok)
      throw new Error(`Stored entry in ${row.id}: ${JSON.stringify(parsed.faults[0])}`);
    return parsed.value;
  });
  const wrote = new Set(entries.map((entry) => entry.author));
  const imported = v.parse(authorsSchema, row.authors);
  const known = new Set(imported.map((author) => author.id));
  const members = (await manyMembers(tx)).filter((member) => !known.has(member.id));
  return {
    id: row.id,
    settings: v.parse(anySettingsSchema, row.settings),
    authors: [...imported, ...members].filter((author) => wrote.has(author.id)),
    entries,
  };
}

/** Entries of which the figures are worked out here: more of them are worked out beside. */
const fewEntries = 60;

/** Writes what lists show of an inspection, computed from all its entries. */
export async function materialise(
  tx: Transaction,
  organisation: string,
  stored: StoredInspection,
): Promise<void> {
  const { entries, settings } = stored;
  const { returning, words, ...figures } =
    entries.length > fewEntries
      ? await heavy(organisation, 'figures', { entries, settings })
      : figuresOf(entries, settings);
  const [latest] = await manyIssuedOf(tx, stored.id);
  await upsertState(tx, organisation, {
    inspection_id: stored.id,
    ...figures,
    stage: stageOf(latest, entries.length, returning),
    issued_as: latest ? numberWords(latest) : null,
    // Year and number as words of their own: with the dash the second would be a negative number.
    words: [...words, ...(latest ? [latest.number.replace('-', ' ')] : [])].join(' '),
  });
}

function stageOf(latest: IssuedRow | undefined, entries: number, returning: boolean): Stage {
  if (!latest) return 'draft';
  if (latest.kind === 'closing') return 'closed';
  if (returning) return 'returning';
  return latest.entries === entries ? 'issued' : 'changed';
}

/** "2026-0007, revision 2" */
export const numberWords = ({ number, revision }: Pick<IssuedRow, 'number' | 'revision'>) =>
  revision === 0 ? number : `${number}, revision ${revision}`;
