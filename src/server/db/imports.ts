import 'server-only';
import type { Transaction } from './connect';
import { many, maybeOne, one } from './rows';

/** How far a large package is. */
export interface ImportState {
  state: 'waiting' | 'reading' | 'loaded' | 'refused';
  step: number;
  steps: number;
  /** What became of it. */
  answer: unknown;
}

/** Takes a package in; those of before that are done and a day old go. */
export async function insertImport(
  tx: Transaction,
  organisation: string,
  row: { id: string; member: string; name: string; bytes: Buffer },
): Promise<void> {
  await many(
    tx,
    `delete from imports where state in ('loaded', 'refused') and asked_at < now() - interval '1 day'`,
    [],
  );
  await many(
    tx,
    `insert into imports (organisation_id, id, member_id, member_name, bytes)
     values ($1::uuid, $2::text, $3::text, $4::text, $5::bytea)`,
    [organisation, row.id, row.member, row.name, row.bytes],
  );
}

export const maybeOneImport = (tx: Transaction, id: string) =>
  maybeOne<ImportState>(tx, `select state, step, steps, answer from imports where id = $1::text`, [
    id,
  ]);

/** A package to be read, with who sent it; nothing where it was read. */
export const maybeOneImportBytes = (tx: Transaction, id: string) =>
  maybeOne<{
    bytes: Buffer;
    member_id: string;
    member_name: string;
    may: string[];
    organisation: string;
  }>(
    tx,
    `select i.bytes, i.member_id, i.member_name, m.may, o.name as organisation
     from imports i
     join members m on m.organisation_id = i.organisation_id and m.id = i.member_id
     join organisations o on o.organisation_id = i.organisation_id
     where i.id = $1::text and i.bytes is not null`,
    [id],
  );

export const oneImportStep = (tx: Transaction, id: string, step: number, steps: number) =>
  one<{ id: string }>(
    tx,
    `update imports set state = 'reading', step = $2::integer, steps = $3::integer
     where id = $1::text and bytes is not null returning id`,
    [id, step, steps],
  );

export const manyImportEnded = (
  tx: Transaction,
  id: string,
  state: 'loaded' | 'refused',
  answer: unknown,
) =>
  many<{ id: string }>(
    tx,
    `update imports set state = $2::text, answer = $3::jsonb, bytes = null, step = steps
     where id = $1::text and bytes is not null returning id`,
    [id, state, JSON.stringify(answer)],
  );
