import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne } from './rows';

export interface PersonRow {
  id: string;
  email: string;
  name: string;
  licence: string;
  /** YYYY-MM-DD */
  licence_expires: string | null;
  scope: string | null;
  may: string[];
  deactivated_at: Date | null;
}

const columns = `id, email, name, licence, licence_expires::text, scope, may, deactivated_at`;

/** Everybody of the office, those who left last. */
export const manyPeople = (tx: Transaction) =>
  many<PersonRow>(
    tx,
    `select ${columns} from members order by deactivated_at is not null, name, id`,
    [],
  );

export const maybeOnePerson = (tx: Transaction, id: string) =>
  maybeOne<PersonRow>(tx, `select ${columns} from members where id = $1::text`, [id]);

/** Holds the office's people as they are until the transaction ends: two who change them wait for each other. */
export const manyPeopleLocked = (tx: Transaction) =>
  many<PersonRow>(tx, `select ${columns} from members order by id for no key update`, []);

/** What may be changed of a person; what is not named stays. */
export interface PersonChange {
  name?: string;
  licence?: string;
  licenceExpires?: string | null;
  scope?: string | null;
  may?: readonly string[];
  active?: boolean;
}

export const maybeUpdatePerson = (tx: Transaction, id: string, change: PersonChange) =>
  maybeOne<{ id: string }>(
    tx,
    `update members set
       name = coalesce($2::text, name),
       licence = coalesce($3::text, licence),
       licence_expires = case when $4::boolean then $5::date else licence_expires end,
       scope = case when $6::boolean then $7::text else scope end,
       may = coalesce($8::text[], may),
       deactivated_at = case $9::boolean when true then null when false then coalesce(deactivated_at, now()) else deactivated_at end
     where id = $1::text returning id`,
    [
      id,
      change.name ?? null,
      change.licence ?? null,
      change.licenceExpires !== undefined,
      change.licenceExpires ?? null,
      change.scope !== undefined,
      change.scope ?? null,
      change.may ?? null,
      change.active ?? null,
    ],
  );

export const maybeUpdatePassword = (tx: Transaction, id: string, passwordHash: string) =>
  maybeOne<{ id: string }>(
    tx,
    `update members set password_hash = $2::text where id = $1::text returning id`,
    [id, passwordHash],
  );

/** Drafts of one who leaves go to another; gives which. What is closed stays whose it was. */
export const manyHandedOver = (tx: Transaction, from: string, to: string) =>
  many<{ id: string }>(
    tx,
    `update inspections i set in_hand_of = $2::text
     where coalesce(i.in_hand_of, i.created_by) = $1::text
       and not exists (select 1 from inspection_states s
         where s.organisation_id = i.organisation_id and s.inspection_id = i.id and s.stage = 'closed')
     returning i.id`,
    [from, to],
  );
