import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne } from './rows';

export interface LinkRow {
  id: string;
  report_id: string;
  sent_to: string;
  created_at: Date;
  expires_at: Date;
  revoked_at: Date | null;
  acknowledged_at: Date | null;
  acknowledged_by: string;
  opened: number;
}

/** Before an organisation is known: an expired, revoked or unknown link gives nothing. */
export const maybeOneLinkByToken = (tx: Transaction, tokenHash: Buffer) =>
  maybeOne<{ organisation_id: string; link_id: string; report_id: string }>(
    tx,
    `select organisation_id, link_id, report_id from find_link($1::bytea)`,
    [tokenHash],
  );

export const insertLink = (
  tx: Transaction,
  organisation: string,
  row: { id: string; report: string; tokenHash: Buffer; sentTo: string; by: string; days: number },
) =>
  many(
    tx,
    `insert into links (organisation_id, id, report_id, token_hash, sent_to, created_by, expires_at)
     values ($1::uuid, $2::text, $3::text, $4::bytea, $5::text, $6::text, now() + make_interval(days => $7::integer))`,
    [organisation, row.id, row.report, row.tokenHash, row.sentTo, row.by, row.days],
  );

/** Links to the reports of an inspection, the latest first, with how often each was opened. */
export const manyLinksOf = (tx: Transaction, inspection: string) =>
  many<LinkRow>(
    tx,
    `select l.id, l.report_id, l.sent_to, l.created_at, l.expires_at, l.revoked_at, l.acknowledged_at, l.acknowledged_by,
       (select count(*)::integer from link_visits v
         where v.organisation_id = l.organisation_id and v.link_id = l.id and v.did = 'opened') as opened
     from links l
     join issued_reports r on r.organisation_id = l.organisation_id and r.id = l.report_id
     where r.inspection_id = $1::text order by l.created_at desc`,
    [inspection],
  );

/** Ends a link. Gives nothing where there is no such link here. */
export const maybeRevokeLink = (tx: Transaction, id: string) =>
  maybeOne<{ id: string }>(
    tx,
    `update links set revoked_at = coalesce(revoked_at, now()) where id = $1::text returning id`,
    [id],
  );

export const acknowledgeLink = (tx: Transaction, id: string, by: string) =>
  many(
    tx,
    `update links set acknowledged_at = now(), acknowledged_by = $2::text
     where id = $1::text and acknowledged_at is null`,
    [id, by],
  );

export const maybeOneLink = (tx: Transaction, id: string) =>
  maybeOne<{ acknowledged_at: Date | null; acknowledged_by: string }>(
    tx,
    `select acknowledged_at, acknowledged_by from links where id = $1::text`,
    [id],
  );

export const insertLinkVisit = (
  tx: Transaction,
  organisation: string,
  link: string,
  did: 'opened' | 'acknowledged' | 'downloaded',
) =>
  many(
    tx,
    `insert into link_visits (organisation_id, link_id, did) values ($1::uuid, $2::text, $3::text)`,
    [organisation, link, did],
  );
