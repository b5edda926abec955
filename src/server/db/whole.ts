import 'server-only';
import pg from 'pg';

/** Work on a connection of its own, which ends with it. */
export async function connected<T>(
  url: string,
  work: (client: pg.Client) => Promise<T>,
): Promise<T> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

/** Whether the role of a URL sees every row whatever row security says. */
export const seesEveryRow = (url: string): Promise<boolean> =>
  connected(url, async (client) => {
    const { rows } = await client.query<{ sees: boolean }>(
      `select rolsuper or rolbypassrls as sees from pg_roles where rolname = current_user`,
    );
    return rows[0]?.sees ?? false;
  });

/** Rows of every table that is not PostgreSQL’s own, as schema.table; none where there are no tables. */
async function countIn(client: pg.Client): Promise<Record<string, number>> {
  const { rows } = await client.query<{ name: string; quoted: string }>(
    `select n.nspname || '.' || c.relname as name, quote_ident(n.nspname) || '.' || quote_ident(c.relname) as quoted
     from pg_class c join pg_namespace n on n.oid = c.relnamespace
     where c.relkind in ('r', 'p') and n.nspname not in ('pg_catalog', 'information_schema')
       and n.nspname not like 'pg\\_%' order by 1`,
  );
  const counts: Record<string, number> = {};
  for (const { name, quoted } of rows) {
    const counted = await client.query<{ n: number }>(
      `select count(*)::integer as n from ${quoted}`,
    );
    counts[name] = counted.rows[0]!.n;
  }
  return counts;
}

export const rowCounts = (url: string): Promise<Record<string, number>> => connected(url, countIn);

/** Counts rows and does work at one moment: what is written meanwhile is in neither. @param work given the snapshot’s name */
export const atOneMoment = (
  url: string,
  work: (snapshot: string) => Promise<unknown>,
): Promise<Record<string, number>> =>
  connected(url, async (client) => {
    await client.query('begin isolation level repeatable read read only');
    const { rows } = await client.query<{ snapshot: string }>(
      'select pg_export_snapshot() as snapshot',
    );
    const counts = await countIn(client);
    await work(rows[0]!.snapshot);
    await client.query('commit');
    return counts;
  });
