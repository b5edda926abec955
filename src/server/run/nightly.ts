import { execFile } from 'node:child_process';
import { mkdir, readdir, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';

/** What became of the last backup that was made by itself. */
export interface LastBackup {
  /** ISO 8601. */
  at: string;
  file: string | undefined;
  /** Why there is none; undefined: there is. */
  fault: string | undefined;
}

interface Nightly {
  folder: string;
  /** HH:MM by the clock of this machine. */
  at: string;
  /** So many are kept, the latest. */
  keep: number;
  /** Program and arguments that write a backup into the file named after them. */
  write: readonly string[];
  env: NodeJS.ProcessEnv;
  line(text: string): void;
  /** Where what became of it is told. */
  told: string;
}

/** Milliseconds from a moment until the clock shows HH:MM next. */
export function untilNext(now: Date, at: string): number {
  const [hour = 0, minute = 0] = at.split(':').map(Number);
  const next = new Date(now);
  next.setHours(hour, minute, 0, 0);
  if (next <= now) next.setDate(next.getDate() + 1);
  return next.getTime() - now.getTime();
}

const ending = '.east-gate-backup';
export const backupName = (now: Date): string =>
  `${now.toISOString().slice(0, 19).replaceAll(':', '')}Z${ending}`;

/** Which of the files in a folder leave: those of ours beyond the latest so many. */
export const tooOld = (names: readonly string[], keep: number): string[] =>
  names
    .filter((name) => /^\d{4}-\d{2}-\d{2}T\d{6}Z\.east-gate-backup$/.test(name))
    .sort()
    .reverse()
    .slice(keep);

/** Writes a backup every night; one that fails is told, and the older ones stay. */
export function backUpNightly(nightly: Nightly): { stop(): void } {
  let timer: NodeJS.Timeout;
  let stopped = false;
  const wait = () => {
    timer = setTimeout(
      () => {
        void backUp(nightly, new Date()).finally(() => {
          if (!stopped) wait();
        });
      },
      untilNext(new Date(), nightly.at),
    );
  };
  wait();
  return {
    stop: () => {
      stopped = true;
      clearTimeout(timer);
    },
  };
}

/** Writes one backup now, and lets those leave that are beyond the latest so many. */
export async function backUp(
  { folder, keep, write, env, line, told }: Omit<Nightly, 'at'>,
  now: Date,
): Promise<LastBackup> {
  const file = join(folder, backupName(now));
  const fault = await mkdir(folder, { recursive: true, mode: 0o700 }).then(
    () => run([...write, file], env),
    (error: Error) => error.message,
  );
  const last: LastBackup = {
    at: now.toISOString(),
    file: fault === undefined ? file : undefined,
    fault,
  };
  line(fault === undefined ? `backup written: ${file}` : `no backup: ${fault}`);
  await writeFile(told, JSON.stringify(last)).catch((error: Error) => line(error.message));
  if (fault === undefined)
    for (const name of tooOld(await readdir(folder), keep)) await rm(join(folder, name));
  return last;
}

const run = ([command = '', ...args]: readonly string[], env: NodeJS.ProcessEnv) =>
  new Promise<string | undefined>((resolve) =>
    execFile(command, args, { env }, (failed, _, said) =>
      resolve(failed ? said.trim() || failed.message : undefined),
    ),
  );
