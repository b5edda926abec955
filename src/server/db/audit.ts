import 'server-only';
import type { Transaction } from './connect';
import { many } from './rows';

/** What is written down of who did what. Reading is not. */
export const deeds = {
  'signed-in': 'signed in',
  founded: 'founded the office',
  joined: 'joined the office',
  invited: 'invited',
  'invite-revoked': 'took back the invitation of',
  'member-changed': 'changed',
  deactivated: 'ended the access of',
  reactivated: 'gave access again to',
  'profile-changed': 'changed their own profile',
  'password-changed': 'changed their password',
  'password-reset': 'set a new password by a link',
  'reset-made': 'made a password link for',
  'passkey-added': 'added a passkey',
  'passkey-removed': 'removed a passkey',
  'session-ended': 'ended',
  'settings-saved': 'changed the settings',
  'letterhead-saved': 'changed the letterhead',
  'report-issued': 'issued report',
  'link-sent': 'sent a link to report',
  'link-ended': 'ended a link',
  'package-loaded': 'loaded a package',
  'office-exported': 'saved all inspections as packages',
  'client-erased': 'erased a client’s personal data in',
  'letter-again': 'sent a letter again',
} as const;
export type Deed = keyof typeof deeds;

export interface AuditRow {
  number: string;
  at: Date;
  member_id: string | null;
  name: string | null;
  did: string;
  about: string;
}

/** Writes down who did what, with what it was done; `about` is shortened to 200 characters. */
export const insertAudit = (
  tx: Transaction,
  { organisation, member }: { organisation: string; member: string | null },
  did: Deed,
  about = '',
) =>
  many(
    tx,
    `insert into audit_events (organisation_id, member_id, did, about)
     values ($1::uuid, $2::text, $3::text, left($4::text, 200))`,
    [organisation, member, did, about],
  );

/** The latest first, before a number where one is named. */
export const manyAudit = (tx: Transaction, before: string | null, most: number) =>
  many<AuditRow>(
    tx,
    `select a.number::text, a.at, a.member_id, m.name, a.did, a.about from audit_events a
     left join members m on m.organisation_id = a.organisation_id and m.id = a.member_id
     where $1::bigint is null or a.number < $1::bigint
     order by a.number desc limit $2::integer`,
    [before, most],
  );
