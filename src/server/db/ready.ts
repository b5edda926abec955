import pg from 'pg';
import { newestMigration } from './newest-migration';

/** Why the database cannot be worked with; undefined: it answers, and is of this program's version. */
export async function notReadyBecause(databaseUrl: string): Promise<string | undefined> {
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
