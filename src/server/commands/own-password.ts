import 'server-only';
import { verify } from '@node-rs/argon2';
import { inOrganisation, inTransaction } from '../db/connect';
import { forgetSignInAttempts, maybeOnePasswordHash, oneSignInAttemptCount } from '../db/members';
import type { Session } from '../session';

/** Right ones count until one of them is through: several at once are not taken for guesses. */
const attemptsAllowed = 40;
const windowSeconds = 15 * 60;

/**
 * Whether a word is the password of the member signed in; tried too often it is not looked at.
 * @param undone what is told beside a wrong one
 */
export async function isOwnPassword(
  { organisation, member }: Session,
  password: string,
  undone = 'Nothing was issued.',
): Promise<{ ok: true } | { ok: false; fault: string }> {
  const key = `own:${organisation}:${member}`;
  const { attempts } = await inTransaction((tx) => oneSignInAttemptCount(tx, key, windowSeconds));
  if (attempts > attemptsAllowed)
    return { ok: false, fault: 'Too many wrong passwords. Wait 15 minutes and try again.' };
  const row = await inOrganisation(organisation, (tx) => maybeOnePasswordHash(tx, member));
  if (row === undefined || !(await verify(row.password_hash, password)))
    return { ok: false, fault: `This is not your password. ${undone}` };
  await inTransaction((tx) => forgetSignInAttempts(tx, key));
  return { ok: true };
}
