import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne } from './rows';

export interface InspectionRow {
  id: string;
  settings: unknown;
  authors: unknown;
  created_by: string;
}

export interface StateRow {
  inspection_id: string;
  place: string;
  address: string;
  as_of: string | null;
  entries: number;
  findings: Record<string, number>;
  seen_share: number;
}

export const maybeOneInspection = (tx: Transaction, id: string) =>
  maybeOne<InspectionRow>(
    tx,
    `select id, settings, authors, created_by from inspections where id = $1::text`,
    [id],
  );

/** Locks the inspection for this transaction, so that its state follows from all its entries. */
export const maybeOneInspectionLocked = (tx: Transaction, id: string) =>
  maybeOne<InspectionRow>(
    tx,
    `select id, settings, authors, created_by from inspections where id = $1::text for update`,
    [id],
  );

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

export const upsertState = (
  tx: Transaction,
  organisation: string,
  row: Omit<StateRow, 'findings'> & { findings: unknown },
) =>
  many(
    tx,
    `insert into inspection_states
       (organisation_id, inspection_id, place, address, as_of, entries, findings, seen_share, updated_at)
     values ($1::uuid, $2::text, $3::text, $4::text, $5::date, $6::integer, $7::jsonb, $8::real, now())
     on conflict (organisation_id, inspection_id) do update set
       place = excluded.place, address = excluded.address, as_of = excluded.as_of, entries = excluded.entries,
       findings = excluded.findings, seen_share = excluded.seen_share, updated_at = now()`,
    [
      organisation,
      row.inspection_id,
      row.place,
      row.address,
      row.as_of,
      row.entries,
      JSON.stringify(row.findings),
      row.seen_share,
    ],
  );

export const manyStates = (tx: Transaction) =>
  many<StateRow>(
    tx,
    `select inspection_id, place, address, to_char(as_of, 'YYYY-MM-DD') as as_of, entries, findings, seen_share
     from inspection_states order by updated_at desc, inspection_id limit 200`,
    [],
  );

/** Inspections after an id, in the order of their ids, with settings and entries as JSON text. */
export const manyStoredTextsAfter = (tx: Transaction, after: string, most: number) =>
  many<{ id: string; settings: string; entries: string }>(
    tx,
    `select i.id, i.settings::text as settings,
       coalesce((select json_agg(e.body) from entries e
         where e.organisation_id = i.organisation_id and e.inspection_id = i.id), '[]')::text as entries
     from inspections i where i.id > $1::text order by i.id limit $2::integer`,
    [after, most],
  );
