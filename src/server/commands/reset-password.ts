import 'server-only';
import { hash } from '@node-rs/argon2';
import * as v from 'valibot';
import { insertAudit } from '../db/audit';
import { inOrganisation, inTransaction, setOrganisation } from '../db/connect';
import { oneSignInAttemptCount } from '../db/members';
import { maybeOnePerson } from '../db/people';
import { insertReset, maybeOneReset, maybeOneResetBegun, oneResetUsed } from '../db/resets';
import { writeLetter } from '../letters/write-letter';
import type { Session } from '../session';
import { demand } from '../session';
import { sha256 } from '../sha256';
import type { Done, Failed } from './people';
import { failed, failedBy, nobodyHere } from './people';
import { emailSchema, passwordSchema, words } from './person-schema';
import { isToken, newToken } from './token';

/** Letters to one address within an hour, and from one address of the net. */
const lettersAllowed = { to: 3, from: 20 };
const windowSeconds = 60 * 60;

/**
 * Sends a link for a new password to whoever has the address. What is answered is the same whether somebody
 * has it or not.
 */
export async function askReset(email: unknown, address: string, origin: string): Promise<Done> {
  const parsed = v.safeParse(emailSchema, email);
  if (!parsed.success) return failed('Type the e-mail address you sign in with.');
  const wanted = parsed.output.toLowerCase();
  const counts: [string, number][] = [
    [`reset-to:${wanted}`, lettersAllowed.to],
    ...(address === 'unknown'
      ? []
      : [[`reset-from:${address}`, lettersAllowed.from] as [string, number]]),
  ];
  for (const [key, most] of counts) {
    const { attempts } = await inTransaction((tx) => oneSignInAttemptCount(tx, key, windowSeconds));
    if (attempts > most) return { ok: true };
  }
  const { token, tokenHash } = newToken();
  await inTransaction(async (tx) => {
    const begun = await maybeOneResetBegun(tx, wanted, tokenHash);
    if (!begun) return;
    await setOrganisation(tx, begun.organisation_id);
    await writeLetter(
      tx,
      begun.organisation_id,
      'reset',
      resetLetter(parsed.output, begun, token, origin),
    );
  });
  return { ok: true };
}

/** A link for a colleague who forgot his password: sent to him, and given to whoever asks for it. */
export async function makeReset(
  session: Session,
  input: unknown,
  origin: string,
): Promise<{ ok: true; url: string } | Failed> {
  demand(session, 'people');
  const parsed = v.safeParse(v.object({ member: words(64) }), input);
  if (!parsed.success) return failedBy(parsed.issues);
  const { token, tokenHash } = newToken();
  return inOrganisation(session.organisation, async (tx) => {
    const person = await maybeOnePerson(tx, parsed.output.member);
    if (!person || person.deactivated_at) return nobodyHere;
    await insertReset(tx, session.organisation, {
      tokenHash,
      member: person.id,
      by: session.member,
    });
    const letter = resetLetter(
      person.email,
      { organisation: session.organisationName, name: person.name },
      token,
      origin,
    );
    await writeLetter(tx, session.organisation, 'reset', letter);
    await insertAudit(tx, session, 'reset-made', person.name);
    return { ok: true as const, url: letter.link.url };
  });
}

const resetLetter = (
  to: string,
  { organisation, name }: { organisation: string; name: string },
  token: string,
  origin: string,
) => ({
  to,
  subject: `A new password for ${organisation}`,
  opening: [`${name}, somebody asked for a new password for your account at ${organisation}.`],
  link: { words: 'Choose a new password', url: `${origin}/reset/${token}` },
  closing: [
    'The link works once, within 24 hours. If you did not ask for it, do nothing: your password stays as it is.',
  ],
});

/** Whose link this is, as long as it can be used. */
export const findReset = async (token: string) =>
  isToken(token) ? inTransaction((tx) => maybeOneReset(tx, sha256(token))) : undefined;

/** Sets the password of a link, once; every session of the member ends. Undefined: there is no such link. */
export async function resetPassword(token: string, input: unknown): Promise<Done | undefined> {
  if (!(await findReset(token))) return undefined;
  const parsed = v.safeParse(v.object({ password: passwordSchema }), input);
  if (!parsed.success) return failedBy(parsed.issues);
  const passwordHash = await hash(parsed.output.password);
  const { used } = await inTransaction((tx) => oneResetUsed(tx, sha256(token), passwordHash));
  return used ? { ok: true } : undefined;
}
