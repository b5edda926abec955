import 'server-only';
import type { Transaction } from './connect';
import { many, one } from './rows';

export interface QueueRow {
  queue: string;
  state: string;
  jobs: number;
  /** Seconds the oldest that waits does so; 0: none waits. */
  oldest: number;
}

/** What waits and what is done, of all offices: counts alone. */
export const manyQueueCounts = (tx: Transaction) =>
  many<QueueRow>(
    tx,
    `select name as queue, state::text as state, count(*)::integer as jobs,
       coalesce(max(case when state in ('created', 'retry') then extract(epoch from now() - created_on) end), 0)::float as oldest
     from queue.job where name not like '\\_\\_%' group by 1, 2 order by 1, 2`,
    [],
  );

/** Newest migration that ran; the version of the database program. */
export const oneVersion = (tx: Transaction) =>
  one<{ migration: string; postgres: string }>(
    tx,
    `select newest_migration() as migration, current_setting('server_version') as postgres`,
    [],
  );

export interface StorageRow {
  /** Bytes. */
  pictures: string;
  sounds: string;
  files: string;
  entries: number;
  inspections: number;
}

/** What the office of the transaction holds. */
export const oneStorage = (tx: Transaction) =>
  one<StorageRow>(
    tx,
    `select
       (select coalesce(sum(length(bytes)), 0)::text from pictures) as pictures,
       (select coalesce(sum(length(bytes)), 0)::text from sounds) as sounds,
       (select coalesce(sum(length(bytes)), 0)::text from report_files) as files,
       (select count(*)::integer from entries) as entries,
       (select count(*)::integer from inspections) as inspections`,
    [],
  );
