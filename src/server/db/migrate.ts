import { readdir, readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import pg from 'pg';

const folder = fileURLToPath(new URL('../../../db/migrations/', import.meta.url));

/**
 * Runs the numbered migrations that the database has not seen, each in its own transaction with
 * its row inserted first. Refuses a database that is ahead of this code.
 * @param ownerUrl connection of the tables' owner
 * @param appRole role the application connects as
 */
export async function migrate(ownerUrl: string, appRole: string): Promise<string[]> {
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    await client.query('select pg_advisory_lock(71021)');
    await client.query(`select set_config('east_gate.app_role', $1, false)`, [appRole]);
    await client.query(
      `create table if not exists schema_migrations (number integer primary key, name text not null, run_at timestamptz not null default now())`,
    );
    await client.query('alter table schema_migrations enable row level security');
    const files = (await readdir(folder)).filter((name) => /^\d{4}_.+\.sql$/.test(name)).sort();
    const { rows } = await client.query<{ number: number }>(
      'select number from schema_migrations order by number',
    );
    const done = new Set(rows.map((row) => row.number));
    const newest = Math.max(0, ...done);
    const known = Math.max(0, ...files.map((name) => parseInt(name, 10)));
    if (newest > known)
      throw new Error(
        `The database is at migration ${newest}; this version knows ${known}. Use a newer version.`,
      );
    const run: string[] = [];
    for (const name of files) {
      const number = parseInt(name, 10);
      if (done.has(number)) continue;
      await client.query('begin');
      await client.query('insert into schema_migrations (number, name) values ($1, $2)', [
        number,
        name,
      ]);
      await client.query(await readFile(folder + name, 'utf8'));
      await client.query('commit');
      run.push(name);
    }
    return run;
  } finally {
    await client.end();
  }
}
