import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne, one } from './rows';

export interface InviteRow {
  id: string;
  email: string;
  may: string[];
  invited_by: string;
  made_at: Date;
}

export const insertInvite = (
  tx: Transaction,
  organisation: string,
  row: { id: string; tokenHash: Buffer; email: string; may: readonly string[]; by: string },
) =>
  many(
    tx,
    `insert into invites (organisation_id, id, token_hash, email, may, invited_by)
     values ($1::uuid, $2::text, $3::bytea, $4::text, $5::text[], $6::text)`,
    [organisation, row.id, row.tokenHash, row.email, row.may, row.by],
  );

/** Invitations that can still be followed. */
export const manyOpenInvites = (tx: Transaction) =>
  many<InviteRow>(
    tx,
    `select id, email, may, invited_by, made_at from invites
     where used_at is null and revoked_at is null and made_at > now() - interval '7 days' order by made_at desc, id`,
    [],
  );

/** Takes an invitation back. Nothing where it was followed, taken back or is none. */
export const maybeRevokeInvite = (tx: Transaction, id: string) =>
  maybeOne<{ email: string }>(
    tx,
    `update invites set revoked_at = now()
     where id = $1::text and used_at is null and revoked_at is null returning email`,
    [id],
  );

/** Before an organisation is known: what an invitation says, as long as it can be followed. */
export const maybeOneInvite = (tx: Transaction, tokenHash: Buffer) =>
  maybeOne<{ organisation: string; email: string; invited_by: string }>(
    tx,
    `select organisation, email, invited_by from find_invite($1::bytea)`,
    [tokenHash],
  );

/** Before an organisation is known: makes a member of whoever was invited, once. */
export const oneInviteAccepted = (
  tx: Transaction,
  tokenHash: Buffer,
  member: {
    id: string;
    name: string;
    licence: string;
    licenceExpires: string | null;
    passwordHash: string;
  },
) =>
  one<{ joined: boolean }>(
    tx,
    `select accept_invite($1::bytea, $2::text, $3::text, $4::text, $5::date, $6::text) as joined`,
    [tokenHash, member.id, member.name, member.licence, member.licenceExpires, member.passwordHash],
  );
