import { readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { LastBackup } from './nightly';
import type { PartState } from './supervisor';

/** Where what runs is told, for a page that needs nothing of it. */
export const writeStanding = (file: string, parts: readonly PartState[]): void => {
  writeFileSync(`${file}.new`, JSON.stringify({ at: new Date().toISOString(), parts }));
  renameSync(`${file}.new`, file);
};

/** What runs, as it was told last; nothing where nobody keeps it running. */
export function readStanding(file: string | undefined): PartState[] {
  try {
    return file ? (JSON.parse(readFileSync(file, 'utf8')) as { parts: PartState[] }).parts : [];
  } catch {
    return [];
  }
}

/** Where the backup that was made by itself last is told. */
export const backupTold = (folder: string): string => join(folder, 'backup.json');

/** What became of it; undefined: none was made yet. */
export function readLastBackup(folder: string): LastBackup | undefined {
  try {
    return JSON.parse(readFileSync(backupTold(folder), 'utf8')) as LastBackup;
  } catch {
    return undefined;
  }
}
