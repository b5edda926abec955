import { appendFileSync, mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import * as v from 'valibot';
import { keepDatabase } from './database-keeper';
import { readLetterSettings } from '../letters/settings';
import { readEnvironment } from './environment';
import { backUpNightly } from './nightly';
import { backupTold, writeStanding } from './standing';
import type { PartState } from './supervisor';
import { Supervisor } from './supervisor';

/**
 * Keeps the pages, the PDF maker and, where it is our own, the database running. Logs are appended to, one
 * file a part; what runs is written to a file the pages read.
 */
function main(): void {
  const { databaseUrl, workers, backup } = readEnvironment(process.env);
  readLetterSettings(process.env);
  // What sees every row, or owns the tables, is of no use to the pages: it stays here.
  const { DATABASE_BACKUP_URL: wholeUrl, DATABASE_OWNER_URL: _, ...plainEnv } = process.env;
  delete process.env.DATABASE_BACKUP_URL;
  delete process.env.DATABASE_OWNER_URL;
  const folder = process.env.EAST_GATE_DATA ?? '.data';
  const standing = join(folder, 'standing.json');
  mkdirSync(join(folder, 'log'), { recursive: true });
  const line = (part: string, text: string) =>
    appendFileSync(join(folder, 'log', `${part}.log`), `${dated(text)}\n`);
  let database: PartState | undefined;
  const tell = (parts: readonly PartState[]) =>
    writeStanding(standing, [...parts, ...(database ? [database] : [])]);
  const here = dirname(process.argv[1]!);
  const node = (name: string, file: string) => ({
    name,
    command: process.execPath,
    args: ['--conditions=react-server', '--enable-source-maps', join(here, file)],
    env: { NODE_ENV: 'production', EAST_GATE_STANDING: standing, NODE_OPTIONS: '' },
  });
  // The pages bring their own rendering: they do not run under the server’s condition.
  const web = { ...node('web', 'web.mjs'), args: ['--enable-source-maps', join(here, 'web.mjs')] };
  const supervisor = new Supervisor(
    [
      web,
      ...Array.from({ length: workers }, (_, nth) =>
        node(nth === 0 ? 'worker' : `worker-${nth + 1}`, 'work.mjs'),
      ),
    ],
    { line, changed: tell },
  );
  const start = startOf(process.env.EAST_GATE_DATABASE_START);
  const keeper =
    start &&
    keepDatabase({
      databaseUrl,
      start,
      line: (text) => line('database', text),
      changed: (state) => {
        database = state;
        tell(supervisor.states);
      },
    });
  const nightly =
    backup &&
    backUpNightly({
      ...backup,
      write: [process.execPath, '--conditions=react-server', join(here, 'backup.mjs')],
      env: { ...plainEnv, DATABASE_BACKUP_URL: wholeUrl, NODE_OPTIONS: '' },
      line: (text) => line('backup', text),
      told: backupTold(folder),
    });
  supervisor.start();
  console.error(`logs: ${join(folder, 'log')}`);
  const end = () => {
    keeper?.stop();
    nightly?.stop();
    void supervisor.stop().then(() => process.exit(0));
  };
  process.once('SIGINT', end);
  process.once('SIGTERM', end);
}

/** A line of JSON says when by itself. */
const dated = (text: string) =>
  text.startsWith('{') ? text : `${new Date().toISOString()} ${text}`;

/** The command that starts the database, a JSON list of words. */
function startOf(text: string | undefined): string[] | undefined {
  if (text === undefined) return undefined;
  const read = v.safeParse(
    v.pipe(v.string(), v.parseJson(), v.array(v.string()), v.minLength(1)),
    text,
  );
  if (!read.success)
    throw new Error('EAST_GATE_DATABASE_START: expected a JSON list such as ["pg_ctl","start"]');
  return read.output;
}

try {
  main();
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}
