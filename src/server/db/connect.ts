import 'server-only';
import pg from 'pg';

/** A transaction in which an organisation, or none, is set. */
export interface Transaction {
  query: pg.PoolClient['query'];
}

const globalForPool = globalThis as typeof globalThis & { eastGatePool?: pg.Pool };

/** The application's pool: one a process, kept over hot reloads. */
function pool(): pg.Pool {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error('DATABASE_URL is not set');
  globalForPool.eastGatePool ??= new pg.Pool({ connectionString: url, max: 10 });
  return globalForPool.eastGatePool;
}

export async function closePool(): Promise<void> {
  await globalForPool.eastGatePool?.end();
  globalForPool.eastGatePool = undefined;
}

/** Runs work in one transaction that sees this organisation's rows only. */
export function inOrganisation<T>(
  organisation: string,
  work: (tx: Transaction) => Promise<T>,
): Promise<T> {
  return inTransaction(async (tx) => {
    await tx.query(`select set_config('east_gate.organisation', $1::text, true)`, [organisation]);
    return work(tx);
  });
}

/** Runs work with no organisation set: only the functions of migration 0003 answer. */
export async function inTransaction<T>(work: (tx: Transaction) => Promise<T>): Promise<T> {
  const client = await pool().connect();
  try {
    await client.query('begin');
    const result = await work(client);
    await client.query('commit');
    client.release();
    return result;
  } catch (error) {
    await client.query('rollback').then(
      () => client.release(),
      (failed: Error) => client.release(failed),
    );
    throw error;
  }
}
