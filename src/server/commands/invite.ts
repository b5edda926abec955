import 'server-only';
import { randomUUID } from 'node:crypto';
import { hash } from '@node-rs/argon2';
import * as v from 'valibot';
import { insertAudit } from '../db/audit';
import { inOrganisation, inTransaction } from '../db/connect';
import { insertInvite, maybeOneInvite, maybeRevokeInvite, oneInviteAccepted } from '../db/invites';
import { takenOr } from '../db/rows';
import { writeLetter } from '../letters/write-letter';
import type { Session } from '../session';
import { demand } from '../session';
import { sha256 } from '../sha256';
import type { Done, Failed } from './people';
import { failed, failedBy } from './people';
import {
  emailSchema,
  licenceExpiresSchema,
  licenceSchema,
  maySchema,
  passwordSchema,
  words,
} from './person-schema';
import { isToken, newToken } from './token';

const inviteSchema = v.object({ email: emailSchema, may: maySchema });

/** Invites somebody by a letter with a link that works once; gives the link too, for where no letter arrives. */
export async function invite(
  session: Session,
  input: unknown,
  origin: string,
): Promise<{ ok: true; url: string } | Failed> {
  demand(session, 'people');
  const parsed = v.safeParse(inviteSchema, input);
  if (!parsed.success) return failedBy(parsed.issues);
  const { email, may } = parsed.output;
  const { token, tokenHash } = newToken();
  const url = `${origin}/join/${token}`;
  await inOrganisation(session.organisation, async (tx) => {
    await insertInvite(tx, session.organisation, {
      id: randomUUID(),
      tokenHash,
      email,
      may,
      by: session.member,
    });
    await writeLetter(tx, session.organisation, 'invite', {
      to: email,
      subject: `${session.organisationName} invites you to its panel logbook`,
      opening: [
        `${session.name} of ${session.organisationName} invites you to record and read panel inspections with them.`,
      ],
      link: { words: 'Choose a password and begin', url },
      closing: [
        'The link works once, within seven days. If you do not know who sent this, do nothing: nothing happens.',
      ],
    });
    await insertAudit(tx, session, 'invited', email);
  });
  return { ok: true, url };
}

/** Takes an invitation back that was not followed yet. */
export async function revokeInvite(session: Session, input: unknown): Promise<Done> {
  demand(session, 'people');
  const parsed = v.safeParse(v.object({ invite: words(64) }), input);
  if (!parsed.success) return failedBy(parsed.issues);
  return inOrganisation(session.organisation, async (tx) => {
    const revoked = await maybeRevokeInvite(tx, parsed.output.invite);
    if (!revoked)
      return { ok: false, faults: ['There is no such invitation open.'], absent: true as const };
    await insertAudit(tx, session, 'invite-revoked', revoked.email);
    return { ok: true };
  });
}

/** What an invitation says, as long as it can be followed. */
export const findInvite = async (token: string) =>
  isToken(token) ? inTransaction((tx) => maybeOneInvite(tx, sha256(token))) : undefined;

const acceptSchema = v.object({
  name: words(200),
  licence: licenceSchema,
  licenceExpires: licenceExpiresSchema,
  password: passwordSchema,
});

/** Makes a member of whoever was invited. Undefined: there is no such invitation. */
export async function acceptInvite(token: string, input: unknown): Promise<Done | undefined> {
  if (!(await findInvite(token))) return undefined;
  const parsed = v.safeParse(acceptSchema, input);
  if (!parsed.success) return failedBy(parsed.issues);
  const { password, ...member } = parsed.output;
  const passwordHash = await hash(password);
  const joined = await inTransaction((tx) =>
    oneInviteAccepted(tx, sha256(token), { id: randomUUID(), ...member, passwordHash }),
  ).catch(takenOr('known' as const));
  if (joined === 'known') return failed('Somebody signs in with this e-mail address already.');
  return joined.joined ? { ok: true } : undefined;
}
