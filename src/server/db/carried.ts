import 'server-only';
import type { Carried } from '@/core/record/package/carried';
import type { Transaction } from './connect';
import { many } from './rows';

/** Packages that brought entries of an inspection, each with the ids of those it brought. */
export const manyCarried = (tx: Transaction, inspection: string) =>
  many<{
    digest: string;
    office: string;
    authors: unknown;
    before: unknown;
    brought_by: string;
    brought_name: string;
    brought_at: Date;
    entries: string[];
  }>(
    tx,
    `select p.digest, p.office, p.authors, p.before, p.brought_by, p.brought_name, p.brought_at,
       array(select e.id from entries e
         where e.organisation_id = p.organisation_id and e.inspection_id = p.inspection_id and e.carried = p.digest
         order by e.id collate "C") as entries
     from carried_packages p where p.inspection_id = $1::text order by p.brought_at, p.digest`,
    [inspection],
  );

/** Adds the package unless it was brought before. */
export const insertCarried = (
  tx: Transaction,
  organisation: string,
  inspection: string,
  row: Omit<Carried, 'entries' | 'at'>,
) =>
  many<{ digest: string }>(
    tx,
    `insert into carried_packages
       (organisation_id, inspection_id, digest, office, authors, before, brought_by, brought_name)
     values ($1::uuid, $2::text, $3::text, $4::text, $5::jsonb, $6::jsonb, $7::text, $8::text)
     on conflict (organisation_id, inspection_id, digest) do nothing
     returning digest`,
    [
      organisation,
      inspection,
      row.package,
      row.office,
      JSON.stringify(row.authors),
      row.before === null ? null : JSON.stringify(row.before),
      row.by.id,
      row.by.name,
    ],
  );
