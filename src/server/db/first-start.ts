import 'server-only';
import pg from 'pg';

/** What a start for earnest finds: offices there, and whether any of them is the demo’s. */
export async function whoIsThere(
  ownerUrl: string,
  demo: readonly string[],
): Promise<{ offices: number; demo: boolean }> {
  return asOwner(ownerUrl, async (client) => {
    const { rows } = await client.query<{ organisation_id: string }>(
      'select organisation_id from organisations',
    );
    return {
      offices: rows.length,
      demo: rows.some(({ organisation_id }) => demo.includes(organisation_id)),
    };
  });
}

/** Puts down a new link to found an office; those of before that were not used end. */
export const insertFounding = (ownerUrl: string, tokenHash: Buffer): Promise<unknown> =>
  asOwner(ownerUrl, async (client) => {
    await client.query('delete from foundings where used_at is null');
    await client.query('insert into foundings (token_hash) values ($1::bytea)', [tokenHash]);
  });

async function asOwner<T>(ownerUrl: string, work: (client: pg.Client) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    await client.query('begin');
    await client.query(`select set_config('east_gate.door', 'open', true)`);
    const result = await work(client);
    await client.query('commit');
    return result;
  } finally {
    await client.end();
  }
}
