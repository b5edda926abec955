import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne, one } from './rows';

/** When a client's personal data was removed from an inspection; nothing where it was not. */
export const maybeOneErasure = (tx: Transaction, inspection: string) =>
  maybeOne<{ at: Date }>(tx, `select at from erasures where inspection_id = $1::text`, [
    inspection,
  ]);

export const insertErasure = (
  tx: Transaction,
  organisation: string,
  row: { inspection: string; by: string },
) =>
  many(
    tx,
    `insert into erasures (organisation_id, inspection_id, by_member) values ($1::uuid, $2::text, $3::text)
     on conflict (organisation_id, inspection_id) do nothing`,
    [organisation, row.inspection, row.by],
  );

/** Addresses links of an inspection went to, and letters to them, lose them; files made of it leave. Gives how many. */
export const oneClientForgotten = (tx: Transaction, inspection: string, words: string) =>
  one<{ links: number; letters: number; files: number }>(
    tx,
    `with reached as (
       select l.id, l.sent_to from links l
       join issued_reports r on r.organisation_id = l.organisation_id and r.id = l.report_id
       where r.inspection_id = $1::text and l.sent_to <> $2::text
     ), links_done as (
       update links l set sent_to = $2::text,
         acknowledged_by = case when l.acknowledged_by = '' then '' else $2::text end
       from reached where l.id = reached.id returning l.id
     ), letters_done as (
       update mailbox m set sent_to = $2::text, subject = $2::text, body = '', html = ''
       where m.kind = 'report' and m.sent_to in (select sent_to from reached) returning m.id
     ), files_done as (
       delete from report_files where inspection_id = $1::text returning id
     )
     select (select count(*)::integer from links_done) as links,
       (select count(*)::integer from letters_done) as letters,
       (select count(*)::integer from files_done) as files`,
    [inspection, words],
  );

/** Days an office keeps what passes; null: as long as is proposed. */
export const oneKeeping = (tx: Transaction) =>
  one<{ keeping: unknown }>(tx, `select keeping from organisations`, []);

export const maybeUpdateKeeping = (tx: Transaction, organisation: string, keeping: unknown) =>
  maybeOne<{ organisation_id: string }>(
    tx,
    `update organisations set keeping = $2::jsonb where organisation_id = $1::uuid returning organisation_id`,
    [organisation, JSON.stringify(keeping)],
  );

/** Of all organisations: what is older than its office keeps it leaves. Gives how many rows. */
export const oneDropOfOld = (
  tx: Transaction,
  proposed: { lettersDays: number; visitsDays: number; auditDays: number },
) =>
  one<{ dropped: number }>(
    tx,
    `select drop_what_is_old($1::integer, $2::integer, $3::integer) as dropped`,
    [proposed.lettersDays, proposed.visitsDays, proposed.auditDays],
  );
