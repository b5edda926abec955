import { migrate } from '../db/migrate';
import { closePool } from '../db/connect';
import { prepareQueues } from '../db/queue';
import { loadDemo } from '../demo/load-demo';

/** Migrates the database; with --demo loads the demo once. */
async function main(): Promise<void> {
  const [owner, app] = [process.env.DATABASE_OWNER_URL, process.env.DATABASE_URL];
  if (!owner || !app) throw new Error('Set DATABASE_URL and DATABASE_OWNER_URL');
  const role = decodeURIComponent(new URL(app).username);
  const run = await migrate(owner, role);
  await prepareQueues(owner, role);
  if (run.length > 0) console.error(`migrated: ${run.join(', ')}`);
  if (process.argv.includes('--demo') && (await loadDemo(owner))) console.error('demo loaded');
  await closePool();
}

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
});
