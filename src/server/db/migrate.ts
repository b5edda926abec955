import { createHash } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import { textsThatRan } from './texts-that-ran';

const shipped = fileURLToPath(new URL('../../../db/migrations/', import.meta.url));

interface Migration {
  number: number;
  name: string;
  text: string;
  digest: string;
}

interface Ran {
  number: number;
  name: string;
  /** Null where it ran before digests were kept. */
  digest: string | null;
}

/**
 * Runs the numbered migrations that the database has not seen, each in its own transaction with its
 * row inserted first. Refuses, by name and before anything runs, a database that is ahead of this
 * code, and a migration that was changed or is missing though it ran.
 * @param ownerUrl connection of the tables' owner
 * @param appRole role the application connects as
 */
export async function migrate(
  ownerUrl: string,
  appRole: string,
  folder = shipped,
): Promise<string[]> {
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    await client.query('select pg_advisory_lock(71021)');
    await client.query(`select set_config('east_gate.app_role', $1, false)`, [appRole]);
    const ran = await ranIn(client);
    const migrations = await readMigrations(folder);
    const fault = faultOf(migrations, ran);
    if (fault) throw new Error(fault);
    await keepDigests(client, ran);
    const done = new Set(ran.map(({ number }) => number));
    const fresh = migrations.filter(({ number }) => !done.has(number));
    for (const { number, name, text, digest } of fresh) {
      await client.query('begin');
      await client.query(
        'insert into schema_migrations (number, name, digest) values ($1, $2, $3)',
        [number, name, digest],
      );
      await client.query(text);
      await client.query('commit');
    }
    return fresh.map(({ name }) => name);
  } finally {
    await client.end();
  }
}

/** Why these migrations may not run on a database in which those ran; undefined: they may. */
export function faultOf(migrations: readonly Migration[], ran: readonly Ran[]): string | undefined {
  const newest = Math.max(0, ...ran.map(({ number }) => number));
  const known = Math.max(0, ...migrations.map(({ number }) => number));
  if (newest > known)
    return `The database is at migration ${newest}; this version knows ${known}. Use a newer version.`;
  for (const { name, digest } of migrations) {
    const texts = textsThatRan[name];
    if (texts && !texts.includes(digest))
      return `Migration ${name} is not one that ever ran: its text was changed. Put back the text it had, and write a new migration.`;
  }
  for (const { number, name, digest } of ran) {
    const here = migrations.find((one) => one.number === number);
    if (here?.name !== name)
      return `Migration ${name} ran in this database and is missing here${here ? `: ${here.name} stands in its place` : ''}.`;
    const texts = textsThatRan[name] ?? [];
    if (digest !== null && digest !== here.digest && !texts.includes(digest))
      return `Migration ${name} was changed after it ran in this database. Put back the text it had, and write a new migration.`;
  }
  return undefined;
}

async function ranIn(client: pg.Client): Promise<Ran[]> {
  await client.query(
    `create table if not exists schema_migrations (number integer primary key, name text not null, run_at timestamptz not null default now())`,
  );
  await client.query('alter table schema_migrations enable row level security');
  await client.query('alter table schema_migrations add column if not exists digest text');
  const { rows } = await client.query<Ran>(
    'select number, name, digest from schema_migrations order by number',
  );
  return rows;
}

/** Of what ran before digests were kept, the digest where its text was never another. */
async function keepDigests(client: pg.Client, ran: readonly Ran[]): Promise<void> {
  for (const { number, name, digest } of ran) {
    const texts = textsThatRan[name] ?? [];
    if (digest === null && texts.length === 1)
      await client.query('update schema_migrations set digest = $2 where number = $1', [
        number,
        texts[0],
      ]);
  }
}

/** Migrations of a folder in their order. Throws where two have one number. */
export async function readMigrations(folder: string): Promise<Migration[]> {
  const names = (await readdir(folder)).filter((name) => /^\d{4}_.+\.sql$/.test(name)).sort();
  const migrations = await Promise.all(
    names.map(async (name): Promise<Migration> => {
      const text = await readFile(`${folder}/${name}`, 'utf8');
      const digest = createHash('sha256').update(text).digest('hex');
      return { number: parseInt(name, 10), name, text, digest };
    }),
  );
  migrations.forEach(({ number, name }, at) => {
    if (migrations[at - 1]?.number === number)
      throw new Error(`Two migrations have one number: ${migrations[at - 1]!.name} and ${name}.`);
  });
  return migrations;
}
