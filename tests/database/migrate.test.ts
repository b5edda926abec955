import { execFileSync } from 'node:child_process';
import {
  copyFileSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import { afterAll, describe, expect, jest, test } from '@jest/globals';
import type pg from 'pg';
import { parsePackage, readReportData } from '@/core';
import { reportDigest } from '@/server/commands/issue-report';
import { migrate } from '@/server/db/migrate';
import { sha256Hex } from '@/server/sha256';
import { onClient, onOpenClient } from './client';

jest.setTimeout(120_000);

const owner = process.env.DATABASE_OWNER_URL!;
const app = decodeURIComponent(new URL(process.env.DATABASE_URL!).username);
const upgrade = join(process.cwd(), 'tests', 'database', 'upgrade');
const shipped = join(process.cwd(), 'db', 'migrations');
const names = readdirSync(shipped).sort();

const made: string[] = [];
const folders: string[] = [];
afterAll(async () => {
  // Without force: that would have to end a passing vacuum, which the owner of a database may not.
  for (const database of made) await run(owner, `drop database if exists ${database}`);
  for (const folder of folders) rmSync(folder, { recursive: true });
});

async function run<Row extends pg.QueryResultRow>(url: string, text: string): Promise<Row[]> {
  const { rows } = await onClient(url, (client) => client.query<Row>(text));
  return rows ?? [];
}

/** Rows of every organisation, as the owner may see them. */
async function withDoor<Row extends pg.QueryResultRow>(url: string, text: string): Promise<Row[]> {
  const { rows } = await onOpenClient(url, (client) => client.query<Row>(text));
  return rows;
}

/** A database of its own. */
async function database(name: string): Promise<string> {
  const unique = `eg_${name}_${process.pid}_${made.length}`;
  await run(owner, `create database ${unique} template template0`);
  made.push(unique);
  const url = new URL(owner);
  url.pathname = unique;
  return url.href;
}

/** A database as it was dumped then, with its data. */
async function restored(dump: string): Promise<string> {
  const url = await database('restored');
  await run(url, 'drop schema public cascade');
  await run(url, gunzipSync(readFileSync(join(upgrade, dump))).toString('utf8'));
  // The schema every database begins with, which a dump of it alone does not grant.
  await run(url, 'grant usage on schema public to public');
  return url;
}

/** The migrations as they are shipped, some with another text. */
function folderWith(texts: Readonly<Record<string, string | undefined>>, upTo = names.length) {
  const folder = mkdtempSync(join(tmpdir(), 'migrations-'));
  folders.push(folder);
  for (const name of names.slice(0, upTo))
    if (!(name in texts)) copyFileSync(join(shipped, name), join(folder, name));
  for (const [name, text] of Object.entries(texts))
    if (text !== undefined) writeFileSync(join(folder, name), text);
  return folder;
}

const [dumper] = readdirSync('/usr/lib/postgresql')
  .sort()
  .reverse()
  .map((version) => `/usr/lib/postgresql/${version}/bin/pg_dump`);

/** Everything of the schema that is not data, as its own dump prints it. */
const schemaOf = (url: string) =>
  execFileSync(dumper!, ['--schema-only', '--schema=public', '--no-owner', url], {
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
  })
    .split('\n')
    .filter((line) => line !== '' && !line.startsWith('--') && !line.startsWith('\\'))
    .sort()
    .join('\n');

const fresh = (async () => {
  const url = await database('fresh');
  await migrate(url, app);
  return schemaOf(url);
})();

describe('an upgrade', () => {
  test.each(['first-landing.sql.gz', 'before-digests.sql.gz'])(
    'of the database as it was dumped (%s) keeps its data and ends at the one schema',
    async (dump) => {
      const url = await restored(dump);
      const count = async (table: string) =>
        (await withDoor<{ count: string }>(url, `select count(*) from ${table}`))[0]!.count;
      const before = await Promise.all(['organisations', 'members', 'entries'].map(count));
      expect(Math.min(...before.map(Number))).toBeGreaterThan(0);
      const ran = await migrate(url, app);
      expect(ran.at(-1)).toBe(names.at(-1));
      expect(await Promise.all(['organisations', 'members', 'entries'].map(count))).toEqual(before);
      expect(schemaOf(url)).toBe(await fresh);
      expect(await migrate(url, app)).toEqual([]);
      // What was there has arrived one after another, at each inspection.
      const gaps = await withDoor(
        url,
        `select inspection_id from entries group by organisation_id, inspection_id
         having min(arrival) <> 1 or max(arrival) <> count(*) or count(distinct arrival) <> count(*)`,
      );
      expect(gaps).toEqual([]);
    },
  );

  test('of reports issued before keeps them as they were sealed', async () => {
    const url = await restored('before-digests.sql.gz');
    const read = () =>
      withDoor<{ digest: string; package: string; report: unknown }>(
        url,
        'select digest, package, report from issued_reports order by id',
      );
    const before = await read();
    await migrate(url, app);
    const after = await read();
    expect(after).toEqual(before);
    expect(after.length).toBeGreaterThan(1);
    for (const { digest, package: sealed, report } of after) {
      const parsed = parsePackage(sealed);
      if (!parsed.ok) throw new Error(JSON.stringify(parsed.faults));
      expect(sha256Hex(sealed)).toBe(digest);
      expect(reportDigest(report)).toBe(parsed.value.issued!.report);
      expect(readReportData(report).version).toBe(8);
    }
  });

  /** A text a migration had before its last, which is the one shipped. */
  const text = (name: string, nth: number) =>
    readFileSync(
      nth === 3 ? join(shipped, `${name}.sql`) : join(upgrade, 'texts', `${name}.${nth}.sql`),
      'utf8',
    );
  const third = '0003_before_an_organisation';
  const sixth = '0006_reports';
  const seventh = '0007_report_files';
  // The first text of 0003 asked for what only a superuser may set, so that it ran nowhere by itself.
  // The early 0006 and 0007 both made a table of one name: 0007 of then never ran after it.
  const ways: [string, Record<string, number>, number][] = [
    ...[2, 3].map((nth): [string, Record<string, number>, number] => [
      `0003 in its text ${nth}`,
      { [third]: nth },
      3,
    ]),
    ...[1, 2, 3].map((nth): [string, Record<string, number>, number] => [
      `0006 in its text ${nth}`,
      { [third]: 2, [sixth]: nth },
      6,
    ]),
    ...[1, 2, 3].map((nth): [string, Record<string, number>, number] => [
      `0007 in its text ${nth}`,
      { [third]: 2, [sixth]: 3, [seventh]: nth },
      8,
    ]),
  ];
  test.each(ways)('of a database that saw %s ends at the one schema', async (_, texts, upTo) => {
    const url = await database('way');
    const old = folderWith(
      Object.fromEntries(
        Object.entries(texts).map(([name, nth]) => [`${name}.sql`, text(name, nth)]),
      ),
      upTo,
    );
    await migrate(url, app, old);
    await migrate(url, app);
    expect(schemaOf(url)).toBe(await fresh);
  });
});

describe('a migration', () => {
  test.each(['0001_organisations.sql', '0005_settings.sql', '0008_report_rechecks.sql'])(
    '%s with a text it never had is refused by name, before anything runs',
    async (name) => {
      const url = await database('edited');
      const folder = folderWith({ [name]: `${readFileSync(join(shipped, name), 'utf8')}\n` });
      await expect(migrate(url, app, folder)).rejects.toThrow(
        `Migration ${name} is not one that ever ran`,
      );
      expect(await run(url, 'select number from schema_migrations')).toEqual([]);
    },
  );

  test('from 0009 on, changed after it ran, is refused by name', async () => {
    const url = await database('changed');
    const name = names.find((one) => one.startsWith('0009'))!;
    await migrate(url, app);
    const folder = folderWith({ [name]: `${readFileSync(join(shipped, name), 'utf8')}-- more\n` });
    await expect(migrate(url, app, folder)).rejects.toThrow(
      `Migration ${name} was changed after it ran in this database`,
    );
  });

  test('that ran and is missing, or has another name, is refused by name', async () => {
    const url = await database('missing');
    await migrate(url, app);
    await expect(migrate(url, app, folderWith({ '0005_settings.sql': undefined }))).rejects.toThrow(
      'Migration 0005_settings.sql ran in this database and is missing here.',
    );
    const settings = readFileSync(join(shipped, '0005_settings.sql'), 'utf8');
    await expect(
      migrate(
        url,
        app,
        folderWith({ '0005_settings.sql': undefined, '0005_options.sql': settings }),
      ),
    ).rejects.toThrow('missing here: 0005_options.sql stands in its place');
  });

  test('a database ahead of this version is refused', async () => {
    const url = await database('ahead');
    await migrate(url, app);
    await expect(migrate(url, app, folderWith({}, 8))).rejects.toThrow(
      `The database is at migration ${names.length}; this version knows 8.`,
    );
  });

  test('two of one number are refused', async () => {
    const url = await database('twice');
    await expect(migrate(url, app, folderWith({ '0002_more.sql': 'select 1' }))).rejects.toThrow(
      'Two migrations have one number',
    );
  });

  test('one that fails leaves nothing of itself', async () => {
    const url = await database('failing');
    const next = `${String(names.length + 1).padStart(4, '0')}_broken.sql`;
    const folder = folderWith({ [next]: 'create table half (id int); select broken' });
    await expect(migrate(url, app, folder)).rejects.toThrow('broken');
    expect(await run(url, `select to_regclass('half') as half`)).toEqual([{ half: null }]);
    expect(await migrate(url, app)).toEqual([]);
  });

  test('of which the digest was not kept gets it where its text was never another', async () => {
    const url = await restored('before-digests.sql.gz');
    await migrate(url, app);
    const rows = await run<{ name: string; digest: string | null }>(
      url,
      'select name, digest from schema_migrations order by number',
    );
    expect(
      rows.filter(({ digest }) => digest === null).map(({ name }) => name.slice(0, 4)),
    ).toEqual(['0003', '0006', '0007']);
  });
});
