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

export const manyMembers = (tx: Transaction) =>
  many<MemberRow>(tx, `select id, name, licence from members order by id`, []);

export const oneOrganisation = (tx: Transaction) =>
  one<{ organisation_id: string; name: string; settings: unknown }>(
    tx,
    `select organisation_id, name, settings from organisations`,
    [],
  );

/** Settings of the transaction's own organisation. Gives its id, or nothing where it is not the one named. */
export const updateSettings = (tx: Transaction, organisation: string, settings: unknown) =>
  maybeOne<{ organisation_id: string }>(
    tx,
    `update organisations set settings = $2::jsonb where organisation_id = $1::uuid returning organisation_id`,
    [organisation, JSON.stringify(settings)],
  );
