import 'server-only';
import type { Lacking } from '@/core/show/report/lacking';
import type { Transaction } from './connect';
import type { IssuedWhole } from './reports';
import { many, maybeOne } from './rows';

/** An issued report that the rules as they are now read otherwise. */
export interface RecheckedRow {
  report_id: string;
  inspection_id: string;
  number: string;
  revision: number;
  place: string;
  lacks: Lacking[];
  /** Why it could not be read again; empty: it was. */
  fault: string;
}

/** The latest report of each inspection; what a revision or a closing report follows is past. */
const latest = `select distinct on (inspection_id) organisation_id, id, inspection_id, number, revision
  from issued_reports order by inspection_id, issued_at desc, revision desc`;

/** The next report not read again since a moment. */
export const maybeOneToRecheck = (tx: Transaction, since: Date) =>
  maybeOne<Pick<IssuedWhole, 'id' | 'package' | 'report'>>(
    tx,
    `select r.id, r.package, r.report from (${latest}) l
       join issued_reports r on r.organisation_id = l.organisation_id and r.id = l.id
       left join report_rechecks c on c.organisation_id = l.organisation_id and c.report_id = l.id
     where c.checked_at is null or c.checked_at < $1::timestamptz
     order by l.id limit 1`,
    [since],
  );

export const upsertRecheck = (
  tx: Transaction,
  organisation: string,
  row: { report: string; lacks: readonly Lacking[]; fault: string; at: Date },
) =>
  many(
    tx,
    `insert into report_rechecks (organisation_id, report_id, lacks, fault, checked_at)
     values ($1::uuid, $2::text, $3::jsonb, $4::text, $5::timestamptz)
     on conflict (organisation_id, report_id) do update set
       lacks = excluded.lacks, fault = excluded.fault, checked_at = excluded.checked_at`,
    [organisation, row.report, JSON.stringify(row.lacks), row.fault, row.at],
  );

/** Latest reports that lack a Danger now or an Urgent, or that could not be read again. */
export const manyRechecked = (tx: Transaction, most = 50) =>
  many<RecheckedRow>(
    tx,
    `select l.id as report_id, l.inspection_id, l.number, l.revision, s.place, c.lacks, c.fault
     from (${latest}) l
       join report_rechecks c on c.organisation_id = l.organisation_id and c.report_id = l.id
       join inspection_states s on s.organisation_id = l.organisation_id and s.inspection_id = l.inspection_id
     where c.lacks <> '[]'::jsonb or c.fault <> ''
     order by (c.lacks @> '[{"grade": "danger"}]') desc, l.number limit $1::integer`,
    [most],
  );

/** Latest reports never read again. */
export const oneUnreadCount = (tx: Transaction) =>
  maybeOne<{ reports: number }>(
    tx,
    `select count(*)::integer as reports from (${latest}) l
     where not exists (select from report_rechecks c
       where c.organisation_id = l.organisation_id and c.report_id = l.id)`,
    [],
  ).then((row) => row!.reports);
