import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne, one } from './rows';

export interface PasskeyRow {
  credential_id: string;
  name: string;
  transports: string[];
  made_at: Date;
  used_at: Date | null;
}

export const manyPasskeysOf = (tx: Transaction, member: string) =>
  many<PasskeyRow>(
    tx,
    `select credential_id, name, transports, made_at, used_at from passkeys
     where member_id = $1::text order by made_at, credential_id`,
    [member],
  );

export const insertPasskey = (
  tx: Transaction,
  organisation: string,
  row: {
    id: string;
    member: string;
    publicKey: Buffer;
    counter: number;
    transports: readonly string[];
    name: string;
  },
) =>
  many(
    tx,
    `insert into passkeys (organisation_id, credential_id, member_id, public_key, counter, transports, name)
     values ($1::uuid, $2::text, $3::text, $4::bytea, $5::bigint, $6::text[], $7::text)`,
    [organisation, row.id, row.member, row.publicKey, row.counter, row.transports, row.name],
  );

/** Nothing where it is not this member's. */
export const deletePasskey = (tx: Transaction, member: string, id: string) =>
  many<{ name: string }>(
    tx,
    `delete from passkeys where member_id = $1::text and credential_id = $2::text returning name`,
    [member, id],
  );

export const manyPasskeyUsed = (tx: Transaction, id: string, counter: number) =>
  many<{ credential_id: string }>(
    tx,
    `update passkeys set counter = $2::bigint, used_at = now() where credential_id = $1::text returning credential_id`,
    [id, counter],
  );

/** Before an organisation is known. `counter` comes as text: it may be larger than a safe integer. */
export const maybeOnePasskey = (tx: Transaction, id: string) =>
  maybeOne<{
    organisation_id: string;
    member_id: string;
    public_key: Buffer;
    counter: string;
    transports: string[];
  }>(
    tx,
    `select organisation_id, member_id, public_key, counter, transports from find_passkey($1::text)`,
    [id],
  );

/** Whose a challenge is: of a member who adds a passkey, or of nobody known. */
export type ChallengeFor = { organisation: string; member: string } | undefined;

/** Before an organisation is known: puts down what an authenticator is asked to sign. */
export const putChallenge = (tx: Transaction, hash: Buffer, whose: ChallengeFor) =>
  many(tx, `select put_challenge($1::bytea, $2::uuid, $3::text)`, [
    hash,
    whose?.organisation ?? null,
    whose?.member ?? null,
  ]);

/** Before an organisation is known: takes a challenge, once. */
export const oneChallengeTaken = (tx: Transaction, hash: Buffer, whose: ChallengeFor) =>
  one<{ taken: boolean }>(tx, `select take_challenge($1::bytea, $2::uuid, $3::text) as taken`, [
    hash,
    whose?.organisation ?? null,
    whose?.member ?? null,
  ]);
