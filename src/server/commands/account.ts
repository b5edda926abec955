import 'server-only';
import { hash } from '@node-rs/argon2';
import * as v from 'valibot';
import { counted } from '@/core/vocabulary/phrases';
import { insertAudit } from '../db/audit';
import { inOrganisation } from '../db/connect';
import type { PasskeyRow } from '../db/passkeys';
import { manyPasskeysOf } from '../db/passkeys';
import type { PersonRow } from '../db/people';
import { maybeOnePerson, maybeUpdatePassword, maybeUpdatePerson } from '../db/people';
import type { OpenSessionRow } from '../db/sessions';
import { deleteSession, deleteSessionsOf, manySessionsOf } from '../db/sessions';
import type { Session } from '../session';
import { isOwnPassword } from './own-password';
import type { Done } from './people';
import { failed, failedBy } from './people';
import { licenceExpiresSchema, licenceSchema, passwordSchema, words } from './person-schema';

/** What a member sees of himself: who he is here, where he is signed in, by what. */
export interface Account {
  person: PersonRow;
  sessions: OpenSessionRow[];
  passkeys: PasskeyRow[];
}

export const readAccount = ({ organisation, member }: Session): Promise<Account> =>
  inOrganisation(organisation, async (tx) => {
    const person = await maybeOnePerson(tx, member);
    if (!person) throw new Error('No member of this session');
    return {
      person,
      sessions: await manySessionsOf(tx, member),
      passkeys: await manyPasskeysOf(tx, member),
    };
  });

const profileSchema = v.object({
  name: words(200),
  licence: licenceSchema,
  licenceExpires: licenceExpiresSchema,
});

/** Name and licence as they stand under reports signed from now on. */
export async function changeProfile(session: Session, input: unknown): Promise<Done> {
  const parsed = v.safeParse(profileSchema, input);
  if (!parsed.success) return failedBy(parsed.issues);
  return inOrganisation(session.organisation, async (tx) => {
    const before = await maybeOnePerson(tx, session.member);
    await maybeUpdatePerson(tx, session.member, parsed.output);
    const { name, licence, licenceExpires } = parsed.output;
    const changed =
      before?.name !== name ||
      before.licence !== licence ||
      before.licence_expires !== licenceExpires;
    if (changed)
      await insertAudit(
        tx,
        session,
        'profile-changed',
        [name, licence && `licence ${licence}`, licenceExpires && `until ${licenceExpires}`]
          .filter(Boolean)
          .join(', '),
      );
    return { ok: true };
  });
}

const passwordChangeSchema = v.object({
  password: v.pipe(v.string(), v.minLength(1, 'your password'), v.maxLength(500)),
  wanted: passwordSchema,
});

/** A new password: every other session of the member ends. */
export async function changePassword(session: Session, input: unknown): Promise<Done> {
  const parsed = v.safeParse(passwordChangeSchema, input);
  if (!parsed.success) return failedBy(parsed.issues);
  const own = await isOwnPassword(session, parsed.output.password, 'Nothing was changed.');
  if (!own.ok) return failed(own.fault);
  const passwordHash = await hash(parsed.output.wanted);
  return inOrganisation(session.organisation, async (tx) => {
    await maybeUpdatePassword(tx, session.member, passwordHash);
    await deleteSessionsOf(tx, session.member, session.id ?? null);
    await insertAudit(tx, session, 'password-changed');
    return { ok: true };
  });
}

/** Ends one session of one's own, or all but this one. */
export async function endOwnSession(session: Session, input: unknown): Promise<Done> {
  const parsed = v.safeParse(v.object({ session: words(64) }), input);
  if (!parsed.success) return failedBy(parsed.issues);
  const { session: wanted } = parsed.output;
  return inOrganisation(session.organisation, async (tx) => {
    const ended =
      wanted === allOthers
        ? await deleteSessionsOf(tx, session.member, session.id ?? null)
        : await deleteSession(tx, session.member, wanted);
    if (ended.length === 0 && wanted !== allOthers)
      return { ok: false, faults: ['There is no such session of yours.'], absent: true as const };
    await insertAudit(tx, session, 'session-ended', counted(ended.length, 'session'));
    return { ok: true };
  });
}

/** Stands for every session but the one that asks. */
export const allOthers = 'others';
