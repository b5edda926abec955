import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne, one } from './rows';

export interface MemberRow {
  id: string;
  name: string;
  licence: string;
}

/** Before an organisation is known. */
export const maybeOneMemberForSignIn = (tx: Transaction, email: string) =>
  maybeOne<{ organisation_id: string; member_id: string; password_hash: string }>(
    tx,
    `select organisation_id, member_id, password_hash from find_member_for_sign_in($1::text)`,
    [email],
  );

/** Before an organisation is known: writes an attempt, tells how many there were in the window. */
export const oneSignInAttemptCount = (tx: Transaction, key: string, windowSeconds: number) =>
  one<{ attempts: number }>(tx, `select count_sign_in_attempt($1::text, $2::integer) as attempts`, [
    key,
    windowSeconds,
  ]);

/** Before an organisation is known: a right password clears the count. */
export const forgetSignInAttempts = (tx: Transaction, key: string) =>
  many(tx, `select forget_sign_in_attempts($1::text)`, [key]);

export const maybeOnePasswordHash = (tx: Transaction, id: string) =>
  maybeOne<{ password_hash: string }>(tx, `select password_hash from members where id = $1::text`, [
    id,
  ]);

export const manyMembers = (tx: Transaction) =>
  many<MemberRow>(tx, `select id, name, licence from members order by id`, []);

export const oneOrganisation = (tx: Transaction) =>
  one<{
    organisation_id: string;
    name: string;
    settings: unknown;
    settings_version: number;
    letterhead: unknown;
    letterhead_version: number;
  }>(
    tx,
    `select organisation_id, name, settings, settings_version, letterhead, letterhead_version from organisations`,
    [],
  );

/**
 * Settings of the transaction's own organisation, where they are still of the version they were read at;
 * counts it up. Gives nothing where they changed since, or it is not the organisation named.
 */
export const updateSettings = (
  tx: Transaction,
  organisation: string,
  settings: unknown,
  version: number,
) =>
  maybeOne<{ settings_version: number }>(
    tx,
    `update organisations set settings = $2::jsonb, settings_version = settings_version + 1
     where organisation_id = $1::uuid and settings_version = $3::integer returning settings_version`,
    [organisation, JSON.stringify(settings), version],
  );

/** Letterhead of the transaction's own organisation, where it is still of the version it was read at. */
export const updateLetterhead = (
  tx: Transaction,
  organisation: string,
  letterhead: unknown,
  version: number,
) =>
  maybeOne<{ letterhead_version: number }>(
    tx,
    `update organisations set letterhead = $2::jsonb, letterhead_version = letterhead_version + 1
     where organisation_id = $1::uuid and letterhead_version = $3::integer returning letterhead_version`,
    [organisation, JSON.stringify(letterhead), version],
  );

/** Before an organisation is known: whether this member signed in from this device before. */
export const oneKnownDevice = (tx: Transaction, email: string, tokenHash: Buffer) =>
  one<{ known: boolean }>(tx, `select is_known_device($1::text, $2::bytea) as known`, [
    email,
    tokenHash,
  ]);

export const upsertKnownDevice = (
  tx: Transaction,
  organisation: string,
  member: string,
  tokenHash: Buffer,
) =>
  many(
    tx,
    `insert into known_devices (organisation_id, member_id, token_hash)
     values ($1::uuid, $2::text, $3::bytea)
     on conflict (organisation_id, member_id, token_hash) do update set used_at = now()`,
    [organisation, member, tokenHash],
  );
