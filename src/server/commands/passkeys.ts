import 'server-only';
import { isIP } from 'node:net';
import type { AuthenticationResponseJSON, RegistrationResponseJSON } from '@simplewebauthn/server';
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
} from '@simplewebauthn/server';
import * as v from 'valibot';
import { insertAudit } from '../db/audit';
import { inOrganisation, inTransaction, setOrganisation } from '../db/connect';
import { oneSignInAttemptCount } from '../db/members';
import type { ChallengeFor } from '../db/passkeys';
import {
  deletePasskey,
  insertPasskey,
  manyPasskeysOf,
  manyPasskeyUsed,
  maybeOnePasskey,
  oneChallengeTaken,
  putChallenge,
} from '../db/passkeys';
import type { Session } from '../session';
import { sha256 } from '../sha256';
import type { Done } from './people';
import { failed, failedBy } from './people';
import { words } from './person-schema';
import type { SignIn } from './sign-in';
import { beginSession } from './sign-in';

const mostOfOne = 20;
/** Challenges one address of the net may ask for in a quarter of an hour. */
const asksAllowed = 300;
const windowSeconds = 15 * 60;
type Transports = NonNullable<
  Parameters<typeof generateAuthenticationOptions>[0]['allowCredentials']
>[number]['transports'];

/** What a browser needs to make a passkey of this member. */
export async function passkeyToAdd(session: Session, origin: string) {
  if (!canHavePasskeys(origin))
    return failed(
      'Passkeys need the name of a place, not its number: open East Gate by its name. Nothing was added.',
    );
  const known = await inOrganisation(session.organisation, (tx) =>
    manyPasskeysOf(tx, session.member),
  );
  const options = await generateRegistrationOptions({
    rpName: 'East Gate',
    rpID: new URL(origin).hostname,
    userName: session.name,
    userID: new Uint8Array(sha256(`${session.organisation}/${session.member}`)),
    excludeCredentials: known.map(({ credential_id, transports }) => ({
      id: credential_id,
      transports: transports as Transports,
    })),
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  });
  await inTransaction((tx) => putChallenge(tx, sha256(options.challenge), session));
  return { ok: true as const, options };
}

/** Whether browsers make passkeys for an origin: for none that is a number. */
export const canHavePasskeys = (origin: string): boolean =>
  isIP(new URL(origin).hostname.replace(/^\[|\]$/g, '')) === 0;

const addSchema = v.object({
  name: words(100),
  response: v.looseObject({
    id: v.string(),
    response: v.looseObject({ clientDataJSON: v.string() }),
  }),
});

/** Keeps a passkey the member's authenticator made for a challenge of ours. */
export async function addPasskey(session: Session, input: unknown, origin: string): Promise<Done> {
  const parsed = v.safeParse(addSchema, input);
  if (!parsed.success) return failedBy(parsed.issues);
  const { name } = parsed.output;
  const response = parsed.output.response as unknown as RegistrationResponseJSON;
  const verified = await verifyRegistrationResponse({
    response,
    expectedChallenge: (challenge) => takes(challenge, session),
    expectedOrigin: origin,
    expectedRPID: new URL(origin).hostname,
    requireUserVerification: true,
  }).catch(() => undefined);
  const made = verified?.verified ? verified.registrationInfo : undefined;
  if (!made)
    return failed('This passkey was not made for this page, or too late. Nothing was added.');
  return inOrganisation(session.organisation, async (tx) => {
    if ((await manyPasskeysOf(tx, session.member)).length >= mostOfOne)
      return failed(`Expected at most ${mostOfOne} passkeys. Remove one first.`);
    const { id, publicKey, counter } = made.credential;
    await insertPasskey(tx, session.organisation, {
      id,
      member: session.member,
      publicKey: Buffer.from(publicKey),
      counter,
      transports: response.response.transports ?? [],
      name,
    });
    await insertAudit(tx, session, 'passkey-added', name);
    return { ok: true };
  });
}

export async function removePasskey(session: Session, input: unknown): Promise<Done> {
  const parsed = v.safeParse(v.object({ passkey: words(1400) }), input);
  if (!parsed.success) return failedBy(parsed.issues);
  return inOrganisation(session.organisation, async (tx) => {
    const [removed] = await deletePasskey(tx, session.member, parsed.output.passkey);
    if (!removed)
      return { ok: false, faults: ['There is no such passkey of yours.'], absent: true as const };
    await insertAudit(tx, session, 'passkey-removed', removed.name);
    return { ok: true };
  });
}

/** What a browser needs to sign somebody in by a passkey: which, is known to his device alone. */
export async function passkeyToSignIn(origin: string, address: string) {
  const { attempts } = await inTransaction((tx) =>
    oneSignInAttemptCount(tx, `passkey:${address}`, windowSeconds),
  );
  if (attempts > asksAllowed) return failed('Too many attempts. Wait 15 minutes and try again.');
  const options = await generateAuthenticationOptions({
    rpID: new URL(origin).hostname,
    userVerification: 'required',
  });
  await inTransaction((tx) => putChallenge(tx, sha256(options.challenge), undefined));
  return { ok: true as const, options };
}

const signInSchema = v.looseObject({
  id: v.pipe(v.string(), v.maxLength(1400)),
  response: v.looseObject({ clientDataJSON: v.string() }),
});

/** Signs in whoever's passkey signed a challenge of ours. */
export async function signInByPasskey(
  input: unknown,
  origin: string,
  from: { device: string | undefined; words: string },
): Promise<SignIn> {
  const parsed = v.safeParse(signInSchema, input);
  const passkey = parsed.success
    ? await inTransaction((tx) => maybeOnePasskey(tx, parsed.output.id))
    : undefined;
  if (!parsed.success || !passkey) return { outcome: 'refused' };
  const verified = await verifyAuthenticationResponse({
    response: parsed.output as unknown as AuthenticationResponseJSON,
    expectedChallenge: (challenge) => takes(challenge, undefined),
    expectedOrigin: origin,
    expectedRPID: new URL(origin).hostname,
    requireUserVerification: true,
    credential: {
      id: parsed.output.id,
      publicKey: new Uint8Array(passkey.public_key),
      counter: Number(passkey.counter),
      transports: passkey.transports as Transports,
    },
  }).catch(() => undefined);
  if (!verified?.verified) return { outcome: 'refused' };
  const { newCounter } = verified.authenticationInfo;
  const { organisation_id: organisation, member_id: member } = passkey;
  await inTransaction(async (tx) => {
    await setOrganisation(tx, organisation);
    await manyPasskeyUsed(tx, parsed.output.id, newCounter);
  });
  return beginSession({ organisation, member }, from);
}

const takes = async (challenge: string, whose: ChallengeFor): Promise<boolean> =>
  (await inTransaction((tx) => oneChallengeTaken(tx, sha256(challenge), whose))).taken;
