import 'server-only';
import type { Entry } from '@/core/record/entries/entry';
import type { Transaction } from './connect';
import { many, one } from './rows';

/**
 * Adds entries in one statement, each unless its id is taken, and gives the ids of those added. They arrive one
 * after another: the inspection is locked.
 * @param carried digest of the package they came in; null: their author delivers them
 */
export const manyInsertedEntries = (
  tx: Transaction,
  organisation: string,
  inspection: string,
  entries: readonly Entry[],
  carried: string | null,
) =>
  many<{ id: string }>(
    tx,
    `insert into entries (organisation_id, id, inspection_id, counter, device, author, action, body, carried, arrival)
     select $1::uuid, e ->> 'id', $2::text, (e ->> 'counter')::bigint, e ->> 'device', e ->> 'author', e ->> 'action', e, $4::text,
       nth + (select coalesce(max(arrival), 0) from entries where organisation_id = $1::uuid and inspection_id = $2::text)
     from jsonb_array_elements($3::jsonb) with ordinality given(e, nth)
     on conflict (organisation_id, id) do nothing
     returning id`,
    [organisation, inspection, JSON.stringify(entries), carried],
  );

/** Of these entries those that stand there already, the same to the letter; and whether a package brought them. */
export const manySameEntries = (tx: Transaction, inspection: string, entries: readonly Entry[]) =>
  many<{ id: string; carried: string | null }>(
    tx,
    `select s.id, s.carried from jsonb_array_elements($2::jsonb) e
     join entries s on s.id = e ->> 'id' and s.inspection_id = $1::text and s.body = e`,
    [inspection, JSON.stringify(entries)],
  );

/** Entries a package brought and their author now delivers himself: they are his word. */
export const manyVouchedEntries = (tx: Transaction, inspection: string, ids: readonly string[]) =>
  many<{ id: string }>(
    tx,
    `update entries set carried = null
     where inspection_id = $1::text and id = any($2::text[]) and carried is not null
     returning id`,
    [inspection, ids],
  );

export const oneEntryCount = (tx: Transaction, inspection: string) =>
  one<{ entries: number }>(
    tx,
    `select count(*)::integer as entries from entries where inspection_id = $1::text`,
    [inspection],
  );

/** Bodies in the total order. */
export const manyEntries = (tx: Transaction, inspection: string) =>
  many<{ body: unknown }>(
    tx,
    `select body from entries where inspection_id = $1::text order by counter, device collate "C", id collate "C"`,
    [inspection],
  );

export interface ArrivedRow {
  /** Its place among those that arrived at the inspection. */
  arrival: number;
  carried: boolean;
  body: unknown;
}

/** What arrived at an inspection after a place in the order of arrival, in that order; no more than so many. */
export const manyArrived = (tx: Transaction, inspection: string, after: number, most: number) =>
  many<ArrivedRow>(
    tx,
    `select arrival::float8 as arrival, carried is not null as carried, body from entries
     where inspection_id = $1::text and arrival > $2::bigint order by arrival limit $3::integer`,
    [inspection, after, most],
  );

/** How far an inspection has come: the place of what arrived last; 0: nothing did. */
export const oneArrival = (tx: Transaction, inspection: string) =>
  one<{ arrival: number }>(
    tx,
    `select coalesce(max(arrival), 0)::float8 as arrival from entries where inspection_id = $1::text`,
    [inspection],
  );
