import { execFile } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { rowCounts } from '@/server/db/whole';
import { onClient } from './client';

jest.setTimeout(120_000);

/** The role that sees every row of the tests' own server. */
const whole = (() => {
  const given = process.env.DATABASE_BACKUP_URL;
  if (given) return new URL(given);
  const url = new URL(process.env.DATABASE_URL!);
  url.username = 'postgres';
  url.password = /^super=(.+)$/m.exec(readFileSync('.data/test.env', 'utf8'))![1]!;
  return url;
})();
const named = (database: string) => {
  const url = new URL(whole);
  url.pathname = `/${database}`;
  return url.href;
};
const folder = mkdtempSync(join(tmpdir(), 'backup-test-'));
const file = join(folder, 'whole.backup');
const empty = `restored_${Date.now()}`;

const tool = (
  name: 'backup' | 'restore',
  args: string[],
  url: string,
): Promise<{ code: number; out: string }> =>
  new Promise((resolve) =>
    execFile(
      `bin/${name}`,
      args,
      { env: { ...process.env, DATABASE_BACKUP_URL: url, NODE_OPTIONS: '' } },
      (failed, out, error) => resolve({ code: failed ? Number(failed.code) : 0, out: out + error }),
    ),
  );

beforeAll(() => onClient(whole.href, (client) => client.query(`create database ${empty}`)));
afterAll(() => onClient(whole.href, (client) => client.query(`drop database ${empty}`)));

describe('a backup', () => {
  test.each(['backup', 'restore'])(
    'bin/%s of a database that is not its own asks for the role, and takes no other database',
    async (name) => {
      const env = { ...process.env, NODE_OPTIONS: '' } as NodeJS.ProcessEnv;
      delete env.DATABASE_BACKUP_URL;
      const made = await new Promise<string>((resolve) =>
        execFile(`bin/${name}`, [file], { env }, (failed, out, error) =>
          resolve(failed ? out + error : 'done'),
        ),
      );
      expect(made).toMatch(/DATABASE_URL is set: set DATABASE_BACKUP_URL too/);
    },
  );

  test('of a role bound by row security is refused: it would be empty', async () => {
    const made = await tool('backup', [file], process.env.DATABASE_OWNER_URL!);
    expect(made).toMatchObject({ code: 1 });
    expect(made.out).toMatch(/bound by row security/);
  });

  test('taken, restored into an empty database, is the same row by row; so is who may do what', async () => {
    expect(await tool('backup', [file], whole.href)).toMatchObject({
      code: 0,
      out: expect.stringMatching(/\d+ rows, SHA-256 [0-9a-f]{64}/),
    });
    const restored = await tool('restore', [file], named(empty));
    expect([restored.code, restored.out]).toEqual([
      0,
      expect.stringMatching(/^restored: \d+ rows/),
    ]);
    // What others write meanwhile is in neither: what was there of the demo is the same to the letter.
    const rowsOf = (url: string, table: string) =>
      onClient(url, async (client) => {
        const { rows } = await client.query<{ row: string }>(
          `select t::text as row from ${table} t where organisation_id in (select organisation_id from organisations where name in ('Marrow Lock Panel Survey', 'Eelweir Electric')) order by 1`,
        );
        return rows.map(({ row }) => row);
      });
    for (const table of [
      'organisations',
      'members',
      'inspections',
      'entries',
      'issued_reports',
      'pictures',
    ]) {
      const [was, is] = [await rowsOf(whole.href, table), await rowsOf(named(empty), table)];
      expect([table, was.length > 0]).toEqual([table, true]);
      const lost = was.filter((row) => !is.includes(row)).length;
      // Other tests write to the demo's offices while this one runs; nothing that was there is gone.
      expect([table, is.filter((row) => !was.includes(row)).length]).toEqual([table, 0]);
      expect([table, lost <= was.length - is.length]).toEqual([table, true]);
    }
    const app = new URL(process.env.DATABASE_URL!);
    app.pathname = `/${empty}`;
    const seen = await onClient(app.href, (client) => client.query('select 1 from entries'));
    expect(seen.rowCount).toBe(0);
    // A second time it is not empty.
    const again = await tool('restore', [file], named(empty));
    expect([again.code, again.out]).toEqual([
      1,
      expect.stringMatching(/not empty.*Nothing was restored/s),
    ]);
  });

  test('changed in one byte or cut off is refused, and nothing is restored', async () => {
    const other = `${empty}_other`;
    await onClient(whole.href, (client) => client.query(`create database ${other}`));
    try {
      const bytes = readFileSync(file);
      for (const [broken, said] of [
        [
          Buffer.concat([bytes.subarray(0, -1), Buffer.from([bytes.at(-1)! ^ 1])]),
          /it was changed/,
        ],
        [bytes.subarray(0, -100), /got \d+\. Nothing was restored/],
      ] as const) {
        writeFileSync(join(folder, 'broken'), broken);
        const restored = await tool('restore', [join(folder, 'broken')], named(other));
        expect([restored.code, restored.out]).toEqual([1, expect.stringMatching(said)]);
        expect(await rowCounts(named(other))).toEqual({});
      }
    } finally {
      await onClient(whole.href, (client) => client.query(`drop database ${other}`));
    }
  });
});
