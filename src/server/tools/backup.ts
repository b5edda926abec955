import { execFile } from 'node:child_process';
import { mkdir, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { promisify } from 'node:util';
import { writeBackup } from '../backup/backup-file';
import { atOneMoment, seesEveryRow } from '../db/whole';

const run = promisify(execFile);

/** Writes the whole database into one file with a checksum. */
async function main(): Promise<void> {
  const [file, ...more] = process.argv.slice(2);
  const url = process.env.DATABASE_BACKUP_URL;
  if (!file || more.length > 0) throw new Error('usage: bin/backup FILE');
  if (!url)
    throw new Error(
      'DATABASE_BACKUP_URL is not set: expected the URL of a role that sees every row (superuser or BYPASSRLS)',
    );
  if (!(await seesEveryRow(url)))
    throw new Error(
      'DATABASE_BACKUP_URL is of a role bound by row security: its dump would be empty. Expected a superuser, or a role with BYPASSRLS',
    );
  const into = resolve(file);
  await mkdir(dirname(into), { recursive: true });
  const folder = await mkdtemp(join(tmpdir(), 'east-gate-backup-'));
  try {
    const dump = join(folder, 'dump');
    const rows = await atOneMoment(url, (snapshot) =>
      run(process.env.PG_DUMP ?? 'pg_dump', [
        '--format=custom',
        `--snapshot=${snapshot}`,
        `--file=${dump}`,
        `--dbname=${url}`,
      ]),
    );
    const head = await writeBackup(dump, into, { at: new Date().toISOString(), rows });
    const all = Object.values(head.rows).reduce((sum, many) => sum + many, 0);
    process.stdout.write(`${into}: ${all} rows, SHA-256 ${head.sha256}\n`);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
