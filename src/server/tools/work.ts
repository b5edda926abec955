import { closePool } from '../db/connect';
import { workQueue } from '../db/queue';
import { loadImport } from '../jobs/load-import';
import { makeReportFile } from '../jobs/make-report-file';
import { recheckReports } from '../jobs/recheck-reports';

/** Does what waits in the queue until it is ended. */
const url = process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is not set');
/** The rules are those this process began with: what was read again after that is up to date. */
const began = new Date();
const { stop } = await workQueue(
  url,
  {
    'report-file': makeReportFile,
    import: loadImport,
    recheck: (job) => recheckReports(job, began),
  },
  (error) => console.error(`queue: ${error.message}`),
);
console.error('working');
const end = async (): Promise<void> => {
  await stop();
  await closePool();
  process.exit(0);
};
process.once('SIGINT', () => void end());
process.once('SIGTERM', () => void end());
