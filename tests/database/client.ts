import type pg from 'pg';
import { connected } from '@/server/db/whole';

/** Work on a connection of its own. */
export const onClient = <T>(
  url: string | undefined,
  work: (client: pg.Client) => Promise<T>,
): Promise<T> => connected(url ?? '', work);

/** The same as the owner, who sees rows of every organisation. */
export const onOpenClient = <T>(
  url: string | undefined,
  work: (client: pg.Client) => Promise<T>,
): Promise<T> =>
  onClient(url, async (client) => {
    await client.query(`select set_config('east_gate.door', 'open', false)`);
    return work(client);
  });
