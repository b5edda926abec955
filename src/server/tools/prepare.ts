import { insertFounding, whoIsThere } from '../db/first-start';
import { migrate } from '../db/migrate';
import { closePool } from '../db/connect';
import { prepareQueues } from '../db/queue';
import { loadDemo } from '../demo/load-demo';
import { demoOrganisations } from '../demo/people';
import { readEnvironment } from '../run/environment';
import { newToken } from '../commands/token';

/**
 * Migrates the database; with --demo loads the demo once. With --serve it is for earnest: the demo's members are
 * refused, and where there is no office yet a link to found one is made and printed.
 */
async function main(): Promise<void> {
  const [owner, app] = [process.env.DATABASE_OWNER_URL, process.env.DATABASE_URL];
  if (!owner || !app) throw new Error('Set DATABASE_URL and DATABASE_OWNER_URL');
  const role = decodeURIComponent(new URL(app).username);
  const run = await migrate(owner, role);
  await prepareQueues(owner, role);
  if (run.length > 0) console.error(`migrated: ${run.join(', ')}`);
  if (process.argv.includes('--demo') && (await loadDemo(owner))) console.error('demo loaded');
  if (process.argv.includes('--serve')) await forEarnest(owner);
  await closePool();
}

async function forEarnest(owner: string): Promise<void> {
  const { offices, demo } = await whoIsThere(
    owner,
    demoOrganisations.map(({ id }) => id),
  );
  if (demo)
    throw new Error(
      'This database holds the demo, whose passwords everybody knows: expected one of your own.',
    );
  if (offices > 0) return;
  const { token, tokenHash } = newToken();
  await insertFounding(owner, tokenHash);
  const { publicOrigin } = readEnvironment(process.env);
  console.log(`found your office, once, within seven days: ${publicOrigin}/found/${token}`);
}

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
});
