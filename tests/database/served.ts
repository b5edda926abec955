import { afterAll, beforeAll } from '@jest/globals';
import { closePool } from '@/server/db/connect';
import type { RunningServer } from '../server';
import { freePort, startServer } from '../server';
import type { TestOffice } from './office';
import { seedOffices } from './office';

/** A server of a test file's own and an office no other knows: there from its first test to its last. */
export function served(): { server: RunningServer; office: TestOffice } {
  const here = {} as { server: RunningServer; office: TestOffice };
  beforeAll(async () => {
    [here.office] = (await seedOffices(1)) as [TestOffice];
    here.server = await startServer(await freePort());
  });
  afterAll(async () => {
    await here.server.kill();
    await closePool();
  });
  return here;
}
