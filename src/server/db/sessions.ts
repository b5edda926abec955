import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne, one } from './rows';

export interface SessionRow {
  organisation_id: string;
  member_id: string;
  name: string;
  licence: string;
  /** YYYY-MM-DD */
  licence_expires: string | null;
  organisation: string;
  /** What the member's licence proposes for a visit. */
  scope: string | null;
  may: string[];
  session_id: string;
}

/**
 * Before an organisation is known. Asked for, a session runs on.
 * @param idleDays days until it ends where nobody uses it
 */
export const maybeOneSession = (tx: Transaction, tokenHash: Buffer, idleDays: number) =>
  maybeOne<SessionRow>(
    tx,
    `select organisation_id, member_id, name, licence, licence_expires::text, organisation, scope, may, session_id
     from find_session($1::bytea, $2::integer)`,
    [tokenHash, idleDays],
  );

/** Before an organisation is known. */
export const endSession = (tx: Transaction, tokenHash: Buffer) =>
  many(tx, `select end_session($1::bytea)`, [tokenHash]);

/** Before an organisation is known: whether somebody ended this session before its time. */
export const oneEnded = (tx: Transaction, tokenHash: Buffer) =>
  one<{ ended: boolean }>(tx, `select session_was_ended($1::bytea) as ended`, [tokenHash]);

/** Of all organisations: sessions, attempts and challenges whose time is over leave. Gives how many sessions. */
export const oneDropOfExpired = (tx: Transaction) =>
  one<{ dropped: number }>(tx, `select drop_what_expired() as dropped`, []);

export const insertSession = (
  tx: Transaction,
  organisation: string,
  row: { member: string; tokenHash: Buffer; days: number; device: string },
) =>
  many(
    tx,
    `insert into sessions (organisation_id, member_id, token_hash, expires_at, device)
     values ($1::uuid, $2::text, $3::bytea, now() + make_interval(days => $4::integer), $5::text)`,
    [organisation, row.member, row.tokenHash, row.days, row.device],
  );

export interface OpenSessionRow {
  id: string;
  device: string;
  created_at: Date;
  used_at: Date;
}

/** Where a member is signed in, the latest used first. */
export const manySessionsOf = (tx: Transaction, member: string) =>
  many<OpenSessionRow>(
    tx,
    `select id, device, created_at, used_at from sessions
     where member_id = $1::text and expires_at > now() order by used_at desc, id`,
    [member],
  );

/** Ends one session of a member. Nothing where it is not his. */
export const deleteSession = (tx: Transaction, member: string, id: string) =>
  many<{ id: string }>(
    tx,
    `delete from sessions where member_id = $1::text and id = $2::text returning id`,
    [member, id],
  );

/** Ends all sessions of a member but one. */
export const deleteSessionsOf = (tx: Transaction, member: string, except: string | null) =>
  many<{ id: string }>(
    tx,
    `delete from sessions where member_id = $1::text and id is distinct from $2::text returning id`,
    [member, except],
  );
