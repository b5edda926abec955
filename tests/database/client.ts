import pg from 'pg';

/** Work on a connection of its own, which ends with it. */
export async function onClient<T>(
  url: string | undefined,
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

/** The same as the owner, who sees rows of every organisation. */
export const onOpenClient = <T>(
  url: string | undefined,
  work: (client: pg.Client) => Promise<T>,
): Promise<T> =>
  onClient(url, async (client) => {
    await client.query(`select set_config('east_gate.door', 'open', false)`);
    return work(client);
  });
