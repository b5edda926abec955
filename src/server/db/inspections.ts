import 'server-only';
import pg from 'pg';
import type { IssuedRow } from './reports';
import type { Transaction } from './connect';
import { many, maybeOne } from './rows';

export interface InspectionRow {
  id: string;
  settings: unknown;
  authors: unknown;
  created_by: string;
  /** When its client was forgotten; null: not. */
  erased_at: Date | null;
  /** Packages brought entries of it. */
  has_carried: boolean;
  /** How many entries it has, and how many of them came in packages. */
  entries: number;
  carried: number;
  /** Its latest issued report, in short; null: none. */
  latest: LatestIssued | null;
}

export type LatestIssued = Pick<IssuedRow, 'number' | 'revision' | 'kind' | 'entries'>;

export interface StateRow {
  inspection_id: string;
  place: string;
  address: string;
  as_of: string | null;
  entries: number;
  findings: Record<string, number>;
  seen_share: number;
  /** Agreed acts made, of how many, and what they are called; null: not counted yet. */
  acts_made: number | null;
  acts_agreed: number | null;
  acts_called: string | null;
  danger_open: number;
  /** YYYY-MM-DD of the earliest deadline. */
  due_on: string | null;
  stage: Stage;
  /** Number of the latest report. */
  issued_as: string | null;
}

/** As it is listed: with the name of whoever has it in hand; null: nobody of this office. */
export interface ListedRow extends StateRow {
  /** Entries came that are not judged yet: findings, dangers and looks are of those before. */
  behind: boolean;
  in_hand: string | null;
}

/** Where an inspection stands: draft, issued, changed since, on a return visit, closed. */
export type Stage = 'draft' | 'issued' | 'changed' | 'returning' | 'closed';

const inspectionColumns = `id, settings, authors, created_by,
       (select at from erasures x
         where x.organisation_id = inspections.organisation_id and x.inspection_id = inspections.id) as erased_at,
       exists (select 1 from carried_packages c
         where c.organisation_id = inspections.organisation_id and c.inspection_id = inspections.id) as has_carried,
       (select count(*)::integer from entries e
         where e.organisation_id = inspections.organisation_id and e.inspection_id = inspections.id) as entries,
       (select count(e.carried)::integer from entries e
         where e.organisation_id = inspections.organisation_id and e.inspection_id = inspections.id) as carried,
       (select jsonb_build_object('number', r.number, 'revision', r.revision, 'kind', r.kind, 'entries', r.entries)
         from issued_reports r
         where r.organisation_id = inspections.organisation_id and r.inspection_id = inspections.id
         order by r.issued_at desc, r.revision desc limit 1) as latest`;

export const maybeOneInspection = (tx: Transaction, id: string) =>
  maybeOne<InspectionRow>(tx, `select ${inspectionColumns} from inspections where id = $1::text`, [
    id,
  ]);

/** Locks the inspection for this transaction, so that its state follows from all its entries. */
export async function maybeOneInspectionLocked(
  tx: Transaction,
  id: string,
): Promise<InspectionRow | undefined> {
  const word = pg.escapeLiteral(id);
  // In one way there and back, yet asked once it is held: what another wrote while this one waited is seen.
  const answers: unknown = await tx.query(
    `select 1 from inspections where id = ${word} for update;
     select ${inspectionColumns} from inspections where id = ${word}`,
  );
  return (answers as pg.QueryResult<InspectionRow>[])[1]!.rows[0];
}

/** Adds the inspection unless it is there. Settings are frozen into it. */
export const insertInspection = (
  tx: Transaction,
  row: { organisation: string; id: string; settings: unknown; authors: unknown; createdBy: string },
) =>
  many<{ id: string }>(
    tx,
    `insert into inspections (organisation_id, id, settings, authors, created_by)
     values ($1::uuid, $2::text, $3::jsonb, $4::jsonb, $5::text)
     on conflict (organisation_id, id) do nothing
     returning id`,
    [
      row.organisation,
      row.id,
      JSON.stringify(row.settings),
      JSON.stringify(row.authors),
      row.createdBy,
    ],
  );

/**
 * What everything composed of an inspection follows from, in short: while it stays the same, so does what is
 * composed. Entries are only added; of those in a package some may later be vouched for; a client may be
 * forgotten; names of members and the letterhead change.
 */
export const maybeOneState = (tx: Transaction, id: string) =>
  maybeOne<{ state: string }>(
    tx,
    `select concat_ws(' ',
       (select count(*) || '/' || count(e.carried) from entries e
         where e.organisation_id = i.organisation_id and e.inspection_id = i.id),
       (select extract(epoch from at) from erasures x
         where x.organisation_id = i.organisation_id and x.inspection_id = i.id),
       (select letterhead_version from organisations o where o.organisation_id = i.organisation_id),
       (select md5(string_agg(concat_ws('|', m.id, m.name, m.licence), ';' order by m.id)) from members m
         where m.organisation_id = i.organisation_id)) as state
     from inspections i where i.id = $1::text`,
    [id],
  );

/** @param ask `last` where nothing is asked after it */
export const upsertState = (
  tx: Transaction,
  organisation: string,
  row: Omit<StateRow, 'findings'> & { findings: unknown; words: string; judged_by: string | null },
  ask: (tx: Transaction, text: string, values: unknown[]) => Promise<unknown> = many,
) =>
  ask(
    tx,
    `insert into inspection_states
       (organisation_id, inspection_id, place, address, as_of, entries, findings, seen_share, danger_open, due_on, stage, issued_as, words, acts_made, acts_agreed, acts_called, judged_by, updated_at)
     values ($1::uuid, $2::text, $3::text, $4::text, $5::date, $6::integer, $7::jsonb, $8::real, $9::integer, $10::date, $11::text, $12::text, $13::text, $14::integer, $15::integer, $16::text, $17::text, now())
     on conflict (organisation_id, inspection_id) do update set
       place = excluded.place, address = excluded.address, as_of = excluded.as_of, entries = excluded.entries,
       findings = excluded.findings, seen_share = excluded.seen_share, danger_open = excluded.danger_open,
       due_on = excluded.due_on, stage = excluded.stage, issued_as = excluded.issued_as, words = excluded.words,
       acts_made = excluded.acts_made, acts_agreed = excluded.acts_agreed, acts_called = excluded.acts_called,
       kept = null, kept_by = null, answers = null, judged_by = excluded.judged_by, behind = false, updated_at = now()`,
    [
      organisation,
      row.inspection_id,
      row.place,
      row.address,
      row.as_of,
      row.entries,
      JSON.stringify(row.findings),
      row.seen_share,
      row.danger_open,
      row.due_on,
      row.stage,
      row.issued_as,
      row.words,
      row.acts_made,
      row.acts_agreed,
      row.acts_called,
      row.judged_by,
    ],
  );

/**
 * Says that entries came which are judged later: what lists show is of those before. One that was not listed
 * yet is listed by where it is.
 */
export const manyBehind = (
  tx: Transaction,
  organisation: string,
  row: { inspection: string; place: string; address: string; entries: number },
) =>
  many(
    tx,
    `insert into inspection_states
       (organisation_id, inspection_id, place, address, entries, findings, seen_share, danger_open, stage, words, behind, updated_at)
     values ($1::uuid, $2::text, $3::text, $4::text, $5::integer, '{}', 0, 0, 'draft', $3::text || ' ' || $4::text, true, now())
     on conflict (organisation_id, inspection_id) do update set
       stage = case inspection_states.stage when 'issued' then 'changed' else inspection_states.stage end,
       kept = null, kept_by = null, answers = null, behind = true, updated_at = now()`,
    [organisation, row.inspection, row.place, row.address, row.entries],
  );

/** Inspections whose latest entries are not judged yet. */
export const manyIdsBehind = (tx: Transaction) =>
  many<{ id: string }>(
    tx,
    `select inspection_id as id from inspection_states where behind order by inspection_id`,
    [],
  );

const listed = `inspection_id, place, address, to_char(as_of, 'YYYY-MM-DD') as as_of, entries, findings, seen_share,
       danger_open, to_char(due_on, 'YYYY-MM-DD') as due_on, stage, issued_as, acts_made, acts_agreed, acts_called,
       behind,
  (select m.name from inspections i join members m
     on m.organisation_id = i.organisation_id and m.id = coalesce(i.in_hand_of, i.created_by)
   where i.organisation_id = inspection_states.organisation_id and i.id = inspection_states.inspection_id) as in_hand`;

/** The latest inspections. */
export const manyStates = (tx: Transaction, most = 50) =>
  many<ListedRow>(
    tx,
    `select ${listed} from inspection_states order by updated_at desc, inspection_id limit $1::integer`,
    [most],
  );

/** Inspections in which every word is found, by its beginning; the latest first. */
export const manyStatesFound = (tx: Transaction, query: string, most = 50) =>
  many<ListedRow>(
    tx,
    `select ${listed} from inspection_states where search @@ to_tsquery('simple', $1::text)
     order by updated_at desc, inspection_id limit $2::integer`,
    [query, most],
  );

/** What must be seen to: open dangers first, then by deadline. */
export const manyStatesDue = (tx: Transaction, until: string, most = 12) =>
  many<ListedRow>(
    tx,
    `select ${listed} from inspection_states
     where stage <> 'closed' and (danger_open > 0 or due_on <= $1::date or behind)
     order by (danger_open > 0 or behind) desc, due_on, inspection_id limit $2::integer`,
    [until, most],
  );

/** Every inspection of the office, in the order they were begun. */
export const manyInspectionIds = (tx: Transaction) =>
  many<{ id: string }>(tx, `select id from inspections order by created_at, id`, []);
