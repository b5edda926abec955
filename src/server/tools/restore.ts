import { spawn } from 'node:child_process';
import { createReadStream } from 'node:fs';
import { pipeline } from 'node:stream/promises';
import { readBackup } from '../backup/backup-file';
import { rowCounts, seesEveryRow } from '../db/whole';

/** Puts a backup into an empty database, all of it or nothing, and counts what came. */
async function main(): Promise<void> {
  const [file, ...more] = process.argv.slice(2);
  const url = process.env.DATABASE_BACKUP_URL;
  if (!file || more.length > 0) throw new Error('usage: bin/restore FILE');
  if (!url)
    throw new Error(
      'DATABASE_BACKUP_URL is not set: expected the URL of a role that sees every row (superuser or BYPASSRLS)',
    );
  const read = await readBackup(file);
  if (!read.ok) throw new Error(`${file}: ${read.reason}. Nothing was restored.`);
  if (!(await seesEveryRow(url)))
    throw new Error(
      'DATABASE_BACKUP_URL is of a role bound by row security. Nothing was restored.',
    );
  const there = Object.keys(await rowCounts(url));
  if (there.length > 0)
    throw new Error(
      `The database is not empty: expected no tables, got ${there.slice(0, 3).join(', ')}${there.length > 3 ? ' and more' : ''}. Nothing was restored.`,
    );
  const restoring = spawn(
    process.env.PG_RESTORE ?? 'pg_restore',
    ['--single-transaction', '--exit-on-error', `--dbname=${url}`],
    { stdio: ['pipe', 'inherit', 'pipe'] },
  );
  let said = '';
  restoring.stderr.on('data', (text: Buffer) => (said += text.toString()));
  const ended = new Promise<number | null>((resolve) => restoring.once('close', resolve));
  await pipeline(createReadStream(file, { start: read.start }), restoring.stdin).catch(
    () => undefined,
  );
  if ((await ended) !== 0) throw new Error(`Nothing was restored: ${said.trim()}`);
  const now = await rowCounts(url);
  const differ = Object.entries(read.head.rows).filter(([table, many]) => now[table] !== many);
  if (differ.length > 0)
    throw new Error(
      `Restored, but not row for row: ${differ.map(([table, many]) => `${table} has ${now[table] ?? 'none'} of ${many}`).join('; ')}`,
    );
  const all = Object.values(now).reduce((sum, many) => sum + many, 0);
  process.stdout.write(`restored: ${all} rows of ${read.head.at}\n`);
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
