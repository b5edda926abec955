import type { ServerResponse } from 'node:http';
import pg from 'pg';
import { newestMigration } from '../db/newest-migration';

export const livePath = '/health/live';
export const readyPath = '/health/ready';

/** Whether this process answers at all. */
export function showLive(response: ServerResponse): void {
  response.setHeader('content-type', 'text/plain; charset=utf-8');
  response.end('live\n');
}

/** Whether requests can be sent here: the database answers, and it is one this program knows. */
export async function showReady(response: ServerResponse, databaseUrl: string): Promise<void> {
  const fault = await faultOf(databaseUrl);
  response.statusCode = fault ? 503 : 200;
  response.setHeader('content-type', 'text/plain; charset=utf-8');
  response.end(fault ? `not ready: ${fault}\n` : 'ready\n');
}

async function faultOf(databaseUrl: string): Promise<string | undefined> {
  const client = new pg.Client({
    connectionString: databaseUrl,
    connectionTimeoutMillis: 2000,
    query_timeout: 2000,
  });
  client.on('error', () => undefined);
  try {
    await client.connect();
    const { rows } = await client.query<{ name: string }>('select newest_migration() as name');
    const known = await newestMigration();
    return rows[0]?.name === known ? undefined : 'the database is of another version';
  } catch {
    return 'the database does not answer';
  } finally {
    await client.end().catch(() => undefined);
  }
}
