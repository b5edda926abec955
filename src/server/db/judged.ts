import 'server-only';
import type { CodeDigests } from '../code-digests';
import type { Transaction } from './connect';
import { many } from './rows';

/** An inspection to be judged again, as the database sends it: JSON text, parsed where it is judged. */
export interface ToJudgeRow {
  id: string;
  settings: string;
  /** How many entries it has, and the day they speak as of, YYYY-MM-DD; null: not known. */
  count: number;
  as_of: string | null;
  /** Its entries, where they are not kept as put together. */
  entries: string | null;
  kept: string | null;
  answers: string | null;
  judged_by: string | null;
  /** What it is found by, as it is written. */
  words: string;
  /** Its client was forgotten. */
  erased: boolean;
  /** Number of its latest report. */
  number: string | null;
  /** The row as it was read: another writes another. */
  version: string;
}

/**
 * Inspections after an id, in the order of their ids, whose figures are of another book; what a reader kept of
 * them where it is the given one, else their entries.
 */
export const manyToJudge = (
  tx: Transaction,
  { after, most, book, reader }: { after: string; most: number; book: string; reader: string },
) =>
  many<ToJudgeRow>(
    tx,
    `with next as materialized (
       select organisation_id, inspection_id, entries, as_of, kept, kept_by, answers, judged_by, issued_as, words, xmin
       from inspection_states
       where inspection_id > $1::text and judged_by is distinct from $3::text and not behind
       order by organisation_id, inspection_id limit $2::integer)
     select i.id, i.settings::text as settings, s.entries as count, to_char(s.as_of, 'YYYY-MM-DD') as as_of,
       case when s.kept_by = $4::text then null else coalesce((select json_agg(e.body) from entries e
         where e.organisation_id = i.organisation_id and e.inspection_id = i.id), '[]')::text end as entries,
       case when s.kept_by = $4::text then s.kept end as kept, s.answers, s.judged_by, s.words,
       exists (select 1 from erasures x
         where x.organisation_id = i.organisation_id and x.inspection_id = i.id) as erased,
       case when s.issued_as is not null then (select r.number from issued_reports r
         where r.organisation_id = i.organisation_id and r.inspection_id = i.id
         order by r.issued_at desc, r.revision desc limit 1) end as number,
       s.xmin::text as version
     from next s join inspections i on i.organisation_id = s.organisation_id and i.id = s.inspection_id
     order by i.id`,
    [after, most, book, reader],
  );

/** Of these rows, as they were read, that their figures are of this book as they stand; gives those it wrote. */
export const manyStanding = (
  tx: Transaction,
  book: string,
  rows: readonly { id: string; version: string }[],
) =>
  many<{ id: string }>(
    tx,
    `update inspection_states s set judged_by = $1::text
     from unnest($2::text[], $3::text[]) as r (id, version)
     where s.inspection_id = r.id and s.xmin::text = r.version
     returning s.inspection_id as id`,
    [book, rows.map(({ id }) => id), rows.map(({ version }) => version)],
  );

/** What was found of an inspection that was judged again. */
export interface JudgedRow {
  id: string;
  version: string;
  findings: Record<string, number>;
  seen_share: number;
  danger_open: number;
  due_on: string | null;
  acts_made: number;
  acts_agreed: number;
  acts_called: string;
  words: string;
  /** As put together now; null: as it is kept already. */
  kept: string | null;
  answers: string | null;
}

/**
 * Writes what was found of rows as they were read; when they were last written to stays. Gives those it wrote.
 * @param found whether the words they are found by are others: an index is made of them, which takes long
 */
export const manyJudged = (
  tx: Transaction,
  by: { book: string; reader: string; found: boolean },
  rows: readonly JudgedRow[],
) =>
  many<{ id: string }>(
    tx,
    `update inspection_states s set
       findings = r.findings, seen_share = r.seen_share, danger_open = r.danger_open, due_on = r.due_on,
       acts_made = r.acts_made, acts_agreed = r.acts_agreed, acts_called = r.acts_called,
       ${by.found ? 'words = r.words,' : ''}
       kept = coalesce(r.kept, s.kept), kept_by = $3::text, answers = r.answers, judged_by = $2::text
     from jsonb_to_recordset($1::jsonb) as r (id text, version text, findings jsonb, seen_share real,
       danger_open integer, due_on date, acts_made integer, acts_agreed integer, acts_called text, words text,
       kept text, answers text)
     where s.inspection_id = r.id and s.xmin::text = r.version
     returning s.inspection_id as id`,
    [JSON.stringify(rows), by.book, by.reader],
  );

/** Writes down a book once, and gives all an office was judged by. */
export async function manyBooks(
  tx: Transaction,
  organisation: string,
  book: string,
  digests: CodeDigests,
): Promise<Map<string, CodeDigests>> {
  await many(
    tx,
    `insert into rule_books (organisation_id, book, digests) values ($1::uuid, $2::text, $3::json)
     on conflict do nothing`,
    [organisation, book, JSON.stringify(digests)],
  );
  const rows = await many<{ book: string; digests: CodeDigests }>(
    tx,
    `select book, digests from rule_books`,
    [],
  );
  return new Map(rows.map((row) => [row.book, row.digests]));
}
