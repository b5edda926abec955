import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne } from './rows';

export interface SessionRow {
  organisation_id: string;
  member_id: string;
  name: string;
  licence: string;
  organisation: string;
  /** What the member's licence proposes for a visit. */
  scope: string | null;
}

/** Before an organisation is known. */
export const maybeOneSession = (tx: Transaction, tokenHash: Buffer) =>
  maybeOne<SessionRow>(
    tx,
    `select organisation_id, member_id, name, licence, organisation, scope from find_session($1::bytea)`,
    [tokenHash],
  );

/** Before an organisation is known. */
export const endSession = (tx: Transaction, tokenHash: Buffer) =>
  many(tx, `select end_session($1::bytea)`, [tokenHash]);

export const insertSession = (
  tx: Transaction,
  organisation: string,
  member: string,
  tokenHash: Buffer,
  days: number,
) =>
  many(
    tx,
    `insert into sessions (organisation_id, member_id, token_hash, expires_at)
     values ($1::uuid, $2::text, $3::bytea, now() + make_interval(days => $4::integer))`,
    [organisation, member, tokenHash, days],
  );
