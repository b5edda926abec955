import 'server-only';
import pg from 'pg';
import { sharesOf } from '../share';
import { withLiterals } from './literals';

/** A transaction's connection: queries alone. */
export interface Transaction {
  query: pg.PoolClient['query'];
  /** Asks what is asked last, of which nothing is read: it may be committed with it. */
  last?(text: string, values: unknown[]): Promise<void>;
}

/** Connections of one process, and how many of them one office may hold at once. */
const connections = 10;
const ofOneOffice = 4;
/** Of one office, how many wait for those before no more are taken. */
const mostWaiting = 200;

/** Milliseconds after which something is given up, so that nothing waits for it for good. */
const limits = {
  /** One query. */
  statement_timeout: 30_000,
  /** Waiting for a row another holds. */
  lock_timeout: 15_000,
  /** A transaction nobody goes on with. */
  idle_in_transaction_session_timeout: 30_000,
  /** Waiting for a connection. */
  connectionTimeoutMillis: 15_000,
  idleTimeoutMillis: 30_000,
};

const globalForPool = globalThis as typeof globalThis & { eastGatePool?: pg.Pool };

/** The application's pool: one a process, kept over hot reloads. */
function pool(): pg.Pool {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error('DATABASE_URL is not set');
  if (!globalForPool.eastGatePool) {
    globalForPool.eastGatePool = new pg.Pool({
      connectionString: url,
      max: connections,
      ...limits,
    });
    // A connection that ends while nobody uses it is replaced by the next that is wanted.
    globalForPool.eastGatePool.on('error', (error) => console.error(`database: ${error.message}`));
  }
  return globalForPool.eastGatePool;
}

/** Connections of this process: all, idle, and how many wait for one. */
export const poolCounts = () => ({
  all: globalForPool.eastGatePool?.totalCount ?? 0,
  idle: globalForPool.eastGatePool?.idleCount ?? 0,
  waited: globalForPool.eastGatePool?.waitingCount ?? 0,
});

export async function closePool(): Promise<void> {
  await globalForPool.eastGatePool?.end();
  globalForPool.eastGatePool = undefined;
}

const inShare = sharesOf('connections', ofOneOffice, mostWaiting);

/**
 * Runs work in one transaction that sees this organisation's rows only, within its share of connections.
 * @throws Busy where too many of this organisation wait already
 */
export function inOrganisation<T>(
  organisation: string,
  work: (tx: Transaction) => Promise<T>,
): Promise<T> {
  return inShare(organisation, () =>
    inTransaction(work, [
      'begin',
      `select set_config('east_gate.organisation', ${pg.escapeLiteral(organisation)}, true)`,
    ]),
  );
}

/** From now on the transaction sees this organisation's rows: where it became known within it. */
export const setOrganisation = (tx: Transaction, organisation: string): Promise<unknown> =>
  tx.query(`select set_config('east_gate.organisation', $1::text, true)`, [organisation]);

/** Asks one question with no organisation set, which is a transaction of its own. */
export const asOneQuestion = <T>(work: (tx: Transaction) => Promise<T>): Promise<T> =>
  inTransaction(work, []);

/**
 * Runs work with no organisation set: only the functions that open the door themselves answer.
 * @param begin statements that begin it; none: the work is one statement
 */
export async function inTransaction<T>(
  work: (tx: Transaction) => Promise<T>,
  begin: readonly string[] = ['begin'],
): Promise<T> {
  const client = await pool().connect();
  // The database may end while a query waits: that query fails, and nothing else does.
  const heard = () => undefined;
  client.on('error', heard);
  const release = (broken?: Error) => {
    client.off('error', heard);
    client.release(broken);
  };
  try {
    const begun = begin.length > 0 ? begunByItsFirst(client, begin) : undefined;
    const result = await work(begun ?? client);
    if (begun?.open && !begun.ended) await client.query('commit');
    release();
    return result;
  } catch (error) {
    if (begin.length === 0) {
      // Whether the connection or the question is at fault is not known: another is opened.
      release(error as Error);
      throw error;
    }
    await client.query('rollback').then(
      () => release(),
      (failed: Error) => release(failed),
    );
    throw error;
  }
}

/**
 * A transaction that begins with its first query and, where that is said, is committed with its last: they go as
 * one text, which saves ways there and back.
 */
function begunByItsFirst(client: pg.PoolClient, begin: readonly string[]): Begun {
  const begun: Begun = {
    open: false,
    ended: false,
    query: (async (text: string, values?: unknown[]): Promise<unknown> => {
      if (begun.open) return client.query(text, values);
      begun.open = true;
      const whole = values ? withLiterals(text, values) : text;
      if (whole === undefined) {
        await client.query(begin.join('; '));
        return client.query(text, values);
      }
      const answers: unknown = await client.query([...begin, whole].join('; '));
      const own = (answers as pg.QueryResult[]).slice(begin.length);
      return own.length === 1 ? own[0] : own;
    }) as pg.PoolClient['query'],
    async last(text, values) {
      const whole = begun.open ? withLiterals(text, values) : undefined;
      if (whole === undefined) return void (await begun.query(text, values));
      await client.query(`${whole}; commit`);
      begun.ended = true;
    },
  };
  return begun;
}

interface Begun extends Transaction {
  /** It was begun. */
  open: boolean;
  /** It was committed with its last query. */
  ended: boolean;
  last(text: string, values: unknown[]): Promise<void>;
}
