import { setTimeout as wait } from 'node:timers/promises';
import { closePool, inTransaction } from '../db/connect';
import { workQueue } from '../db/queue';
import { proposedKeeping } from '../commands/keeping';
import { oneDropOfOld } from '../db/erasures';
import { oneDropOfExpired } from '../db/sessions';
import { loadImport } from '../jobs/load-import';
import { makeReportFile } from '../jobs/make-report-file';
import { recheckReports } from '../jobs/recheck-reports';
import { rejudgeOffice } from '../jobs/rejudge';
import { sendLetter } from '../jobs/send-letter';
import { postOffice } from '../letters/post-office';
import { readLetterSettings } from '../letters/settings';
import { log } from '../run/log';

/** Does what waits in the queue until it is ended. */
const url = process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is not set');
/** The rules are those this process began with: what was read again after that is up to date. */
const began = new Date();
const letters = readLetterSettings(process.env);
const post = letters && postOffice(letters.url, letters.from);
const { stop } = await workQueue(
  url,
  {
    'report-file': makeReportFile,
    import: loadImport,
    recheck: (job) => recheckReports(job, began),
    rejudge: rejudgeOffice,
    letter: async (job) => {
      if (!post) throw new Error('SMTP_URL is not set: a letter waits until it is');
      await sendLetter(job, post);
    },
  },
  (error) => log.error({ fault: error.message }, 'queue'),
);
log.info('working');
const ended = new AbortController();
const end = async (): Promise<void> => {
  ended.abort();
  await stop();
  post?.close();
  await closePool();
  process.exit(0);
};
process.once('SIGINT', () => void end());
process.once('SIGTERM', () => void end());

// What expired or is older than an office keeps it leaves, once an hour.
while (!ended.signal.aborted) {
  await inTransaction(async (tx) => {
    await oneDropOfExpired(tx);
    await oneDropOfOld(tx, proposedKeeping);
  }).catch((error: Error) => log.error({ fault: error.message }, 'what is past could not leave'));
  await wait(60 * 60 * 1000, undefined, { signal: ended.signal }).catch(() => undefined);
}
