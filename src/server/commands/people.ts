import 'server-only';
import * as v from 'valibot';
import type { Permission } from '@/core/vocabulary/permission';
import { describeFault, faultsOf } from '@/core/vocabulary/fault';
import { insertAudit } from '../db/audit';
import { inOrganisation } from '../db/connect';
import type { InviteRow } from '../db/invites';
import { manyOpenInvites } from '../db/invites';
import type { PersonRow } from '../db/people';
import { manyHandedOver, manyPeople, manyPeopleLocked, maybeUpdatePerson } from '../db/people';
import { deleteSessionsOf } from '../db/sessions';
import type { Session } from '../session';
import { demand } from '../session';
import {
  licenceExpiresSchema,
  licenceSchema,
  maySchema,
  scopeSchema,
  words,
} from './person-schema';

/** What a change came to. `absent`: there is nobody of this name here. */
export type Done = { ok: true } | Failed;
export interface Failed {
  ok: false;
  faults: string[];
  absent?: true;
}

export const failed = (...faults: string[]): Failed => ({ ok: false, faults });
/** What is wrong with what was sent, by its place. */
export const failedBy = (issues: Parameters<typeof faultsOf>[0]): Failed =>
  failed(...faultsOf(issues).map(describeFault));
export const nobodyHere: Failed = {
  ok: false,
  faults: ['There is nobody of this name here.'],
  absent: true,
};

/** Everybody of the office, and who is invited. */
export async function listPeople(
  session: Session,
): Promise<{ people: PersonRow[]; invites: InviteRow[] }> {
  demand(session, 'people');
  return inOrganisation(session.organisation, async (tx) => ({
    people: await manyPeople(tx),
    invites: await manyOpenInvites(tx),
  }));
}

const changeSchema = v.object({
  member: words(64),
  name: words(200),
  licence: licenceSchema,
  licenceExpires: licenceExpiresSchema,
  scope: scopeSchema,
  may: maySchema,
});

/** Changes what stands of a member: name, licence and what he may do. */
export async function changeMember(session: Session, input: unknown): Promise<Done> {
  demand(session, 'people');
  const parsed = v.safeParse(changeSchema, input);
  if (!parsed.success) return failedBy(parsed.issues);
  const { member, ...change } = parsed.output;
  return inOrganisation(session.organisation, async (tx) => {
    const people = await manyPeopleLocked(tx);
    const person = people.find(({ id }) => id === member);
    if (!person) return nobodyHere;
    if (!change.may.includes('people') && isLastManager(people, member)) return lastManager;
    await maybeUpdatePerson(tx, member, change);
    await insertAudit(
      tx,
      session,
      'member-changed',
      `${change.name}: ${change.may.join(', ') || 'reads only'}`,
    );
    return { ok: true };
  });
}

const endSchema = v.object({ member: words(64), draftsTo: words(64) });

/** Ends a member's access: his sessions end, his drafts go to another. What he wrote and signed stays his. */
export async function deactivateMember(session: Session, input: unknown): Promise<Done> {
  demand(session, 'people');
  const parsed = v.safeParse(endSchema, input);
  if (!parsed.success) return failedBy(parsed.issues);
  const { member, draftsTo } = parsed.output;
  return inOrganisation(session.organisation, async (tx) => {
    const people = await manyPeopleLocked(tx);
    const person = people.find(({ id }) => id === member);
    const heir = people.find(({ id }) => id === draftsTo);
    if (!person || !heir) return nobodyHere;
    if (isLastManager(people, member)) return lastManager;
    if (heir === person || heir.deactivated_at)
      return failed('Drafts go to somebody else who works here.');
    await maybeUpdatePerson(tx, member, { active: false });
    await deleteSessionsOf(tx, member, null);
    const drafts = await manyHandedOver(tx, member, draftsTo);
    await insertAudit(
      tx,
      session,
      'deactivated',
      `${person.name}; ${drafts.length} inspections to ${heir.name}`,
    );
    return { ok: true };
  });
}

/** Gives somebody who left access again, with what he might do before. */
export async function reactivateMember(session: Session, input: unknown): Promise<Done> {
  demand(session, 'people');
  const parsed = v.safeParse(v.object({ member: words(64) }), input);
  if (!parsed.success) return failedBy(parsed.issues);
  return inOrganisation(session.organisation, async (tx) => {
    const person = (await manyPeopleLocked(tx)).find(({ id }) => id === parsed.output.member);
    if (!person) return nobodyHere;
    await maybeUpdatePerson(tx, person.id, { active: true });
    await insertAudit(tx, session, 'reactivated', person.name);
    return { ok: true };
  });
}

/** An office is never left without somebody who manages its people. */
const isLastManager = (people: readonly PersonRow[], member: string): boolean => {
  const managers = people.filter(
    ({ may, deactivated_at }) => !deactivated_at && may.includes('people' satisfies Permission),
  );
  return managers.length === 1 && managers[0]!.id === member;
};

const lastManager = failed(
  'Nobody else manages people in this office. Give that to somebody else first.',
);
