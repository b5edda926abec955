import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne, one } from './rows';

export interface IssuedRow {
  id: string;
  inspection_id: string;
  number: string;
  revision: number;
  revises: string | null;
  kind: 'report' | 'closing';
  changes: string;
  issued_at: Date;
  /** YYYY-MM-DD by the office’s clock; null: dated by world time, as before it was kept. */
  issued_on: string | null;
  issued_by: string;
  signed_name: string;
  licence: string;
  digest: string;
  /** Entries sealed in it. */
  entries: number;
}

export interface IssuedWhole extends IssuedRow {
  package: string;
  report: unknown;
}

const columns = `id, inspection_id, number, revision, revises, kind, changes, issued_at, to_char(issued_on, 'YYYY-MM-DD') as issued_on, issued_by, signed_name, licence, digest, entries`;

/** Reports of one inspection, the latest first. */
export const manyIssuedOf = (tx: Transaction, inspection: string) =>
  many<IssuedRow>(
    tx,
    `select ${columns} from issued_reports where inspection_id = $1::text order by issued_at desc, revision desc`,
    [inspection],
  );

export const maybeOneIssued = (tx: Transaction, id: string) =>
  maybeOne<IssuedWhole>(
    tx,
    `select ${columns}, package, report from issued_reports where id = $1::text`,
    [id],
  );

/** Holds the numbers of a year for this transaction, and gives the next one. */
export async function oneNextNumber(tx: Transaction, year: number): Promise<string> {
  await many(
    tx,
    `select pg_advisory_xact_lock(hashtext(current_organisation()::text), $1::integer)`,
    [year],
  );
  const { taken } = await one<{ taken: number }>(
    tx,
    `select coalesce(max(substring(number from 6)::integer), 0)::integer as taken
     from issued_reports where number like $1::text`,
    [`${year}-%`],
  );
  return `${year}-${String(taken + 1).padStart(4, '0')}`;
}

export const insertIssued = (tx: Transaction, organisation: string, row: IssuedWhole) =>
  one<{ issued_at: Date }>(
    tx,
    `insert into issued_reports
       (organisation_id, id, inspection_id, number, revision, revises, kind, changes, issued_by, signed_name, licence, digest, package, report, entries, issued_at, issued_on)
     values ($1::uuid, $2::text, $3::text, $4::text, $5::integer, $6::text, $7::text, $8::text, $9::text, $10::text, $11::text, $12::text, $13::text, $14::jsonb, $15::integer, $16::timestamptz, $17::date)
     returning issued_at`,
    [
      organisation,
      row.id,
      row.inspection_id,
      row.number,
      row.revision,
      row.revises,
      row.kind,
      row.changes,
      row.issued_by,
      row.signed_name,
      row.licence,
      row.digest,
      row.package,
      JSON.stringify(row.report),
      row.entries,
      row.issued_at,
      row.issued_on,
    ],
  );
