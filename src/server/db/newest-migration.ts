import { readdir } from 'node:fs/promises';
import { join } from 'node:path';

let newest: Promise<string> | undefined;

/** Name of the newest migration this program was shipped with. */
export const newestMigration = (): Promise<string> =>
  (newest ??= readdir(join(process.cwd(), 'db/migrations')).then(
    (names) =>
      names
        .filter((name) => /^\d{4}_.+\.sql$/.test(name))
        .sort()
        .at(-1) ?? '',
  ));
