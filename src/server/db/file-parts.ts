import 'server-only';
import type { Transaction } from './connect';
import { many, one } from './rows';

/** How much of a file is here without a gap, bytes; how much of all on their way; whether it arrived before. */
export const onePartsCount = (tx: Transaction, digest: string) =>
  one<{ received: number; on_the_way: number; known: boolean }>(
    tx,
    `select
       coalesce(sum(length(bytes)) filter (where digest = $1::text), 0)::integer as received,
       coalesce(sum(length(bytes)), 0)::integer as on_the_way,
       exists (select 1 from pictures p where p.digest = $1::text)
         or exists (select 1 from sounds s where s.digest = $1::text) as known
     from file_parts`,
    [digest],
  );

/** Adds what comes next. */
export const insertFilePart = (
  tx: Transaction,
  organisation: string,
  part: { digest: string; from: number; bytes: Buffer },
) =>
  many<{ from_byte: number }>(
    tx,
    `insert into file_parts (organisation_id, digest, from_byte, bytes)
     values ($1::uuid, $2::text, $3::integer, $4::bytea)
     on conflict (organisation_id, digest, from_byte) do nothing
     returning from_byte`,
    [organisation, part.digest, part.from, part.bytes],
  );

/** Takes all parts of a file out, in their order. */
export const takeFileParts = (tx: Transaction, digest: string) =>
  many<{ bytes: Buffer }>(
    tx,
    `with taken as (delete from file_parts where digest = $1::text returning from_byte, bytes)
     select bytes from taken order by from_byte`,
    [digest],
  );

/** Files nothing came of for so many days leave, with all their parts. */
export const deleteOldFileParts = (tx: Transaction, days: number) =>
  many<{ digest: string }>(
    tx,
    `delete from file_parts where digest in (
       select digest from file_parts group by digest
       having max(at) < now() - make_interval(days => $1::integer))
     returning digest`,
    [days],
  );

/** Parts of one file one after another: whoever else sends it waits. */
export const lockFileParts = (tx: Transaction, organisation: string, digest: string) =>
  many(tx, `select pg_advisory_xact_lock(hashtextextended($1::text || $2::text, 0))`, [
    organisation,
    digest,
  ]);
