import 'server-only';
import type { Entry } from '@/core/record/entries/entry';
import type { Transaction } from './connect';
import { many, maybeOne, one } from './rows';

/** Adds an entry unless its id is taken. No row back: it was. */
export const maybeInsertEntry = (
  tx: Transaction,
  organisation: string,
  inspection: string,
  entry: Entry,
) =>
  maybeOne<{ id: string }>(
    tx,
    `insert into entries (organisation_id, id, inspection_id, counter, device, author, action, body)
     values ($1::uuid, $2::text, $3::text, $4::bigint, $5::text, $6::text, $7::text, $8::jsonb)
     on conflict (organisation_id, id) do nothing
     returning id`,
    [
      organisation,
      entry.id,
      inspection,
      entry.counter,
      entry.device,
      entry.author,
      entry.action,
      JSON.stringify(entry),
    ],
  );

/** The standing entry of this id where it is the same one. */
export const maybeOneSameEntry = (tx: Transaction, inspection: string, entry: Entry) =>
  maybeOne<{ id: string }>(
    tx,
    `select id from entries where id = $1::text and inspection_id = $2::text and body = $3::jsonb`,
    [entry.id, inspection, JSON.stringify(entry)],
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
