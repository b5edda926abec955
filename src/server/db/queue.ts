import 'server-only';
import pg from 'pg';
import PgBoss from 'pg-boss';
import type { Transaction } from './connect';

const schema = 'queue';

/** What waits to be done in the background. A job holds ids and nothing of an organisation's own. */
export const queues = {
  'report-file': { retryLimit: 3, retryDelay: 1, expireInSeconds: 60, policy: 'standard' },
  import: { retryLimit: 3, retryDelay: 1, expireInSeconds: 300, policy: 'standard' },
  recheck: { retryLimit: 3, retryDelay: 1, expireInSeconds: 3600, policy: 'standard' },
  rejudge: { retryLimit: 3, retryDelay: 1, expireInSeconds: 3600, policy: 'standard' },
  // Ever less often: fourteen times are about a day.
  letter: {
    retryLimit: 16,
    retryDelay: 5,
    retryBackoff: true,
    // Longer than any mail server is waited for.
    expireInSeconds: 45,
    policy: 'standard',
  },
} as const;
export type QueueName = keyof typeof queues;

export interface ReportFileJob {
  organisation: string;
  file: string;
}

/** The latest issued reports of an organisation are to be read again. */
export interface RecheckJob {
  organisation: string;
}

/** What an organisation has of older rules is to be judged again. */
export interface RejudgeJob {
  organisation: string;
}

/** A large package waits to be read. */
export interface ImportJob {
  organisation: string;
  import: string;
}

/** A letter waits to be sent. */
export interface LetterJob {
  organisation: string;
  letter: string;
}

export interface Jobs {
  letter: LetterJob;
  import: ImportJob;
  'report-file': ReportFileJob;
  recheck: RecheckJob;
  rejudge: RejudgeJob;
}

/** Makes the queue's schema and its queues as the owner, and grants the application what it needs of them. */
export async function prepareQueues(ownerUrl: string, appRole: string): Promise<void> {
  const boss = new PgBoss({
    connectionString: ownerUrl,
    schema,
    supervise: false,
    schedule: false,
  });
  boss.on('error', () => undefined);
  await boss.start();
  for (const [name, options] of Object.entries(queues))
    if (!(await boss.getQueue(name))) await boss.createQueue(name, { name, ...options });
  await boss.stop({ graceful: false });
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    const role = pg.escapeIdentifier(appRole);
    await client.query(`grant usage on schema ${schema} to ${role}`);
    await client.query(
      `grant select, insert, update, delete on all tables in schema ${schema} to ${role}`,
    );
  } finally {
    await client.end();
  }
}

let sender: PgBoss | undefined;

/**
 * Puts a job into the queue within the caller's transaction: both are written, or neither.
 * @param once at most one of this key in so many seconds
 */
export async function insertJob<Name extends QueueName>(
  tx: Transaction,
  name: Name,
  data: Jobs[Name],
  once?: { key: string; seconds: number },
): Promise<void> {
  const db = {
    executeSql: async (text: string, values: unknown[]) => tx.query(text, values),
  };
  sender ??= new PgBoss({ db, schema });
  await sender.send(name, data, {
    db,
    ...queues[name],
    ...(once && { singletonKey: once.key, singletonSeconds: once.seconds }),
  });
}

/** Takes jobs one after another until it is stopped; what a killed worker held is taken again. */
export async function workQueue(
  url: string,
  handle: { [Name in QueueName]: (data: Jobs[Name]) => Promise<unknown> },
  trouble: (error: Error) => void,
): Promise<{ stop(): Promise<void> }> {
  const boss = new PgBoss({
    connectionString: url,
    schema,
    migrate: false,
    schedule: false,
    max: 3,
    maintenanceIntervalSeconds: 5,
  });
  boss.on('error', trouble);
  await boss.start();
  const take = <Name extends QueueName>(name: Name) =>
    boss.work<Jobs[Name]>(name, { pollingIntervalSeconds: 0.5, batchSize: 1 }, async ([job]) => {
      if (job) await handle[name](job.data);
    });
  for (const name of Object.keys(queues) as QueueName[]) await take(name);
  return { stop: () => boss.stop({ graceful: true, timeout: 5000 }) };
}
