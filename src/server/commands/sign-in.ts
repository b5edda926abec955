import 'server-only';
import { randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import * as v from 'valibot';
import { insertAudit } from '../db/audit';
import { asOneQuestion, inOrganisation, inTransaction } from '../db/connect';
import {
  forgetSignInAttempts,
  maybeOneMemberForSignIn,
  oneKnownDevice,
  oneSignInAttemptCount,
  upsertKnownDevice,
} from '../db/members';
import { endSession, insertSession, maybeOneSession, oneEnded } from '../db/sessions';
import type { ScopeName } from '@/core/judge/scope/scopes';
import type { Permission } from '@/core/vocabulary/permission';
import type { Session } from '../session';
import { sha256 } from '../sha256';
import { isToken, newToken } from './token';

/** Attempts within a quarter of an hour before no more are looked at. */
const allowed = {
  /** At one account from one address, by devices it does not know. */
  account: 10,
  /** At one account from everywhere, by devices it does not know: a known one has a count of its own. */
  everywhere: 100,
  /** From one address at all accounts. */
  address: 1000,
  /** By one device the account knows. */
  device: 10,
};
const windowSeconds = 15 * 60;
/** A session ends so many days after it was used last; ninety after it was begun. */
export const idleDays = 14;
export const sessionDays = 90;

const signInSchema = v.object({
  email: v.pipe(v.string(), v.trim(), v.minLength(3), v.maxLength(254)),
  password: v.pipe(v.string(), v.minLength(1), v.maxLength(500)),
});

/** Where a sign-in comes from. */
export interface From {
  /** Address of who asks; "unknown" is nobody's own and counts for none. */
  address: string;
  /** The token this device was given when somebody signed in on it before. */
  device: string | undefined;
  /** What the browser calls itself, in short. */
  words?: string;
}

export type SignIn =
  | { outcome: 'signed-in'; member: string; token: string; device: string }
  | { outcome: 'refused' }
  | { outcome: 'too-many'; minutes: number };

/** Compared against where nobody has this address, so that both refusals take as long. */
let nobody: Promise<string> | undefined;

const nowhere: From = { address: 'unknown', device: undefined };

/**
 * Checks an e-mail address and password. Attempts slow down whoever makes them: those of strange devices
 * never keep out a device the account knows, so that nobody can lock another out of his own.
 */
export async function signIn(input: unknown, from: From = nowhere): Promise<SignIn> {
  const parsed = v.safeParse(signInSchema, input);
  if (!parsed.success) return { outcome: 'refused' };
  const { email, password } = parsed.output;
  const keys = await countsOf(email.toLowerCase(), from);
  for (const { key, most } of keys) {
    const { attempts } = await inTransaction((tx) => oneSignInAttemptCount(tx, key, windowSeconds));
    if (attempts > most) return { outcome: 'too-many', minutes: windowSeconds / 60 };
  }
  const member = await inTransaction((tx) => maybeOneMemberForSignIn(tx, email));
  nobody ??= hash(randomBytes(16).toString('hex'));
  const right = await verify(member?.password_hash ?? (await nobody), password);
  if (!member || !right) return { outcome: 'refused' };
  for (const { key, own } of keys)
    if (own) await inTransaction((tx) => forgetSignInAttempts(tx, key));
  const { organisation_id: organisation, member_id } = member;
  return beginSession({ organisation, member: member_id }, from);
}

/** Opens a session of a member who showed who he is. */
export async function beginSession(
  { organisation, member }: { organisation: string; member: string },
  { device: known, words = '' }: Pick<From, 'device' | 'words'>,
): Promise<Extract<SignIn, { outcome: 'signed-in' }>> {
  const { token, tokenHash } = newToken();
  const device = isToken(known) ? known : newToken().token;
  await inOrganisation(organisation, async (tx) => {
    await insertSession(tx, organisation, {
      member,
      tokenHash,
      days: idleDays,
      device: words.slice(0, 100),
    });
    await upsertKnownDevice(tx, organisation, member, sha256(device));
    await insertAudit(tx, { organisation, member }, 'signed-in', words);
  });
  return { outcome: 'signed-in', member, token, device };
}

interface Count {
  key: string;
  most: number;
  /** A right password clears it: nobody but its owner adds to it. */
  own: boolean;
}

/** What an attempt counts against. */
async function countsOf(email: string, { address, device }: From): Promise<Count[]> {
  const hashed = isToken(device) ? sha256(device) : undefined;
  const known = hashed && (await inTransaction((tx) => oneKnownDevice(tx, email, hashed))).known;
  if (hashed && known)
    return [{ key: `device:${hashed.toString('hex')}:${email}`, most: allowed.device, own: true }];
  return [
    { key: `in:${email}|${address}`, most: allowed.account, own: true },
    { key: `account:${email}`, most: allowed.everywhere, own: false },
    ...(address === 'unknown'
      ? []
      : [{ key: `address:${address}`, most: allowed.address, own: false }]),
  ];
}

/** The session of a cookie's token, or none. */
export async function findSession(token: string | undefined): Promise<Session | undefined> {
  if (!token || token.length > 100) return undefined;
  const row = await asOneQuestion((tx) => maybeOneSession(tx, sha256(token), idleDays));
  return (
    row && {
      organisation: row.organisation_id,
      organisationName: row.organisation,
      member: row.member_id,
      name: row.name,
      licence: row.licence,
      ...(row.licence_expires !== null && { licenceExpires: row.licence_expires }),
      may: row.may as Permission[],
      id: row.session_id,
      ...(row.scope !== null && { scope: row.scope as ScopeName }),
    }
  );
}

/** Whether somebody ended the session of this token before its time: its device is to keep nothing. */
export async function wasEnded(token: string | undefined): Promise<boolean> {
  if (!isToken(token)) return false;
  return (await asOneQuestion((tx) => oneEnded(tx, sha256(token)))).ended;
}

export async function signOut(token: string | undefined): Promise<void> {
  if (token) await inTransaction((tx) => endSession(tx, sha256(token)));
}
