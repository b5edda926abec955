import 'server-only';
import { randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import * as v from 'valibot';
import { inOrganisation, inTransaction } from '../db/connect';
import {
  forgetSignInAttempts,
  maybeOneMemberForSignIn,
  oneSignInAttemptCount,
} from '../db/members';
import { endSession, insertSession, maybeOneSession } from '../db/sessions';
import type { ScopeName } from '@/core/judge/scope/scopes';
import type { Session } from '../session';
import { sha256 } from '../sha256';

const attemptsAllowed = 10;
const windowSeconds = 15 * 60;
export const sessionDays = 30;

const signInSchema = v.object({
  email: v.pipe(v.string(), v.trim(), v.minLength(3), v.maxLength(254)),
  password: v.pipe(v.string(), v.minLength(1), v.maxLength(500)),
});

export type SignIn =
  | { outcome: 'signed-in'; token: string }
  | { outcome: 'refused' }
  | { outcome: 'too-many'; minutes: number };

/** Compared against where nobody has this address, so that both refusals take as long. */
let nobody: Promise<string> | undefined;

/** Checks an address and password; every attempt counts against the address's limit. */
export async function signIn(input: unknown): Promise<SignIn> {
  const parsed = v.safeParse(signInSchema, input);
  if (!parsed.success) return { outcome: 'refused' };
  const { email, password } = parsed.output;
  const key = `email:${email.toLowerCase()}`;
  const { attempts } = await inTransaction((tx) => oneSignInAttemptCount(tx, key, windowSeconds));
  if (attempts > attemptsAllowed) return { outcome: 'too-many', minutes: windowSeconds / 60 };
  const member = await inTransaction((tx) => maybeOneMemberForSignIn(tx, email));
  nobody ??= hash(randomBytes(16).toString('hex'));
  const right = await verify(member?.password_hash ?? (await nobody), password);
  if (!member || !right) return { outcome: 'refused' };
  await inTransaction((tx) => forgetSignInAttempts(tx, key));
  const token = randomBytes(32).toString('base64url');
  await inOrganisation(member.organisation_id, (tx) =>
    insertSession(tx, member.organisation_id, member.member_id, sha256(token), sessionDays),
  );
  return { outcome: 'signed-in', token };
}

/** The session of a cookie's token, or none. */
export async function findSession(token: string | undefined): Promise<Session | undefined> {
  if (!token || token.length > 100) return undefined;
  const row = await inTransaction((tx) => maybeOneSession(tx, sha256(token)));
  return (
    row && {
      organisation: row.organisation_id,
      organisationName: row.organisation,
      member: row.member_id,
      name: row.name,
      licence: row.licence,
      ...(row.scope !== null && { scope: row.scope as ScopeName }),
    }
  );
}

export async function signOut(token: string | undefined): Promise<void> {
  if (token) await inTransaction((tx) => endSession(tx, sha256(token)));
}
