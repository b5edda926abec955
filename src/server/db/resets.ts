import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne, one } from './rows';

/** Before an organisation is known: whoever has this address gets a link; nothing where nobody has it. */
export const maybeOneResetBegun = (tx: Transaction, email: string, tokenHash: Buffer) =>
  maybeOne<{ organisation_id: string; organisation: string; member_id: string; name: string }>(
    tx,
    `select organisation_id, organisation, member_id, name from begin_reset($1::text, $2::bytea)`,
    [email, tokenHash],
  );

/** A link one makes for another. */
export const insertReset = (
  tx: Transaction,
  organisation: string,
  row: { tokenHash: Buffer; member: string; by: string },
) =>
  many(
    tx,
    `insert into password_resets (organisation_id, token_hash, member_id, made_by)
     values ($1::uuid, $2::bytea, $3::text, $4::text)`,
    [organisation, row.tokenHash, row.member, row.by],
  );

/** Before an organisation is known: whose link this is, as long as it can be used. */
export const maybeOneReset = (tx: Transaction, tokenHash: Buffer) =>
  maybeOne<{ name: string; email: string }>(tx, `select name, email from find_reset($1::bytea)`, [
    tokenHash,
  ]);

/** Before an organisation is known: sets the password of a link, once; all sessions of the member end. */
export const oneResetUsed = (tx: Transaction, tokenHash: Buffer, passwordHash: string) =>
  one<{ used: boolean }>(tx, `select use_reset($1::bytea, $2::text) as used`, [
    tokenHash,
    passwordHash,
  ]);
