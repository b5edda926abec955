import { listLetters } from '@/server/commands/letters';
import { permissions } from '@/core/vocabulary/permission';
import { execFile } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { hash } from '@node-rs/argon2';
import pg from 'pg';
import sharp from 'sharp';
import type { Entry } from '@/core/record/entries/entry';
import { makeReportFile } from '@/server/jobs/make-report-file';
import { readPicture, storePicture } from '@/server/commands/pictures';
import { askReportFile, readReportFile } from '@/server/commands/report-file';
import { canonicalJson } from '@/core/vocabulary/canonical';
import { Logbook, startingSettings } from '@/core';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { issueReport } from '@/server/commands/issue-report';
import { listIssued, readIssued, sealedZip } from '@/server/commands/issued-report';
import { acknowledge, listLinks, openLink, revokeLink, sendReport } from '@/server/commands/links';
import { listDue, listInspections } from '@/server/commands/read-inspection';
import { importPackage } from '@/server/commands/transfer-package';
import { readInspection } from '@/server/commands/read-inspection';
import { verifyReport } from '@/server/commands/verify-report';
import { closePool } from '@/server/db/connect';
import { seedOrganisations } from '@/server/db/seed';
import type { Session } from '@/server/session';
import { netLoft } from '@/server/demo/net-loft';

jest.setTimeout(120_000);

const mark = randomUUID().slice(0, 8);
const people = ['a', 'b'].map((letter) => ({ id: randomUUID(), member: `m-${letter}-${mark}` }));
const session = (at: number): Session => ({
  organisation: people[at]!.id,
  organisationName: `Issuers ${at} ${mark}`,
  member: people[at]!.member,
  name: 'Ines Marrable',
  licence: 'ML-77',
  may: permissions,
});
const mine = session(0);
const inspection = `issue-${mark}`;
let issues = 0;
/** A minute later each time. */
const now = () => new Date(Date.UTC(2026, 10, 25, 12, (issues += 1)));
const sign = (more: object = {}) => ({
  kind: 'report',
  password: 'a-long-password',
  changes: '',
  ...more,
});
const owner = async <T>(work: (client: pg.Client) => Promise<T>): Promise<T> => {
  const client = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
  await client.connect();
  await client.query(`select set_config('east_gate.door', 'open', false)`);
  try {
    return await work(client);
  } finally {
    await client.end();
  }
};
/** Ids are an organisation's own: these are made unlike those of any other test. */
const ours = (entries: readonly Entry[]): Entry[] =>
  entries.map((entry) => ({ ...entry, id: `${mark}-${entry.id}`, author: mine.member }));
const later = (standing: readonly Entry[]) =>
  new Logbook(
    {
      newId: () => randomUUID(),
      device: 'tablet',
      author: mine.member,
      at: '2026-11-25T11:00:00+00:00',
    },
    standing,
  );
async function deliver(entries: readonly Entry[]): Promise<void> {
  for (let from = 0; from < entries.length; from += 400) {
    const delivered = await deliverEntries(mine, {
      inspection,
      entries: entries.slice(from, from + 400),
    });
    if (!delivered.ok || delivered.deliveries.some(({ outcome }) => outcome !== 'arrived'))
      throw new Error(JSON.stringify(delivered).slice(0, 400));
  }
}
const verify = (file: Buffer, digest: string): Promise<{ code: number; out: string }> => {
  const path = join(mkdtempSync(join(tmpdir(), 'verify-')), 'file');
  writeFileSync(path, file);
  return new Promise((resolve) =>
    execFile(
      'bin/verify',
      [path, digest],
      { env: { ...process.env, NODE_OPTIONS: '' } },
      (failed, out, error) => resolve({ code: failed ? Number(failed.code) : 0, out: out + error }),
    ),
  );
};

/** The PDF of an issued report, made at once. */
async function pdfOf(report: string, audience: 'client' | 'record' = 'client'): Promise<Buffer> {
  const asked = await askReportFile(mine.organisation, { report, audience });
  await makeReportFile({ organisation: mine.organisation, file: asked!.id });
  return (await readReportFile(mine.organisation, asked!.id))!;
}
async function storedPhoto(): Promise<{ digest: string; bytes: Buffer }> {
  const bytes = await sharp({
    create: { width: 40, height: 30, channels: 3, background: '#334455' },
  })
    .png()
    .toBuffer();
  const stored = await storePicture(mine, bytes);
  if (!stored.ok) throw new Error(stored.reason);
  return { digest: stored.digest, bytes };
}

let entries: Entry[];
let photo: { digest: string; bytes: Buffer };
beforeAll(async () => {
  // What letters say is shown in the demo alone.
  process.env.EAST_GATE_DEMO = '1';
  const passwordHash = await hash('a-long-password');
  await seedOrganisations(
    process.env.DATABASE_OWNER_URL!,
    people.map(({ id, member }, at) => ({
      id,
      name: session(at).organisationName,
      settings: startingSettings(session(at).organisationName),
      members: [
        {
          id: member,
          email: `${member}@test.example`,
          name: 'Ines Marrable',
          licence: 'ML-77',
          passwordHash,
        },
      ],
    })),
  );
  entries = ours(netLoft('ines').entries);
  await deliver(entries);
});
afterAll(closePool);

describe('issuing', () => {
  test('what must be seen to first stops it, in words', async () => {
    const refused = await issueReport(mine, inspection, sign({ password: '' }), now());
    expect(refused).toMatchObject({ ok: false });
    expect(await issueReport(mine, inspection, sign({ password: 'guessed' }), now())).toEqual({
      ok: false,
      faults: ['This is not your password. Nothing was issued.'],
    });
    const note = later(entries);
    const added = note.add('note', `note-${mark}`, 'loft-site', { words: 'Where was this?' });
    await deliver(added);
    expect(await issueReport(mine, inspection, sign(), now())).toMatchObject({
      ok: false,
      faults: expect.arrayContaining([expect.stringContaining('Where was this?')]),
    });
    const placed = note.observe(`note-${mark}`, { dismissed: true });
    await deliver(placed);
    expect(await issueReport(mine, inspection, sign(), now())).toMatchObject({
      ok: false,
      faults: [expect.stringContaining('Each Danger now was told')],
    });
    await deliver(note.observe('loft-panel', { toldWhom: 'The owner, by telephone, 11:40' }));
    photo = await storedPhoto();
    await deliver(
      note.add('photo', `photo-${mark}`, 'loft-site', {
        digest: photo.digest,
        pictureWidth: 40,
        pictureHeight: 30,
        aboutThing: 'loft-panel',
        pin: { x: 0.5, y: 0.25 },
      }),
    );
    entries = note.entries;
  });

  test('numbered, signed, sealed with every entry; the same inspection comes back out of the PDF', async () => {
    const issued = await issueReport(mine, inspection, sign(), now());
    if (!issued?.ok) throw new Error(JSON.stringify(issued));
    expect(issued).toMatchObject({ number: '2026-0001', revision: 0 });
    const whole = (await readIssued(mine.organisation, issued.id))!;
    expect(whole.stored.entries).toHaveLength(entries.length);
    const pdf = await pdfOf(issued.id);
    expect(await importPackage(session(1), pdf)).toMatchObject({
      ok: true,
      added: entries.length,
      notes: ['It was issued as report 2026-0001 on 2026-11-25, signed Ines Marrable.'],
    });
    const there = await readInspection(session(1), inspection);
    expect((await readPicture(session(1), photo.digest))?.bytes.equals(photo.bytes)).toBe(true);
    expect(canonicalJson(there!.entries)).toBe(canonicalJson(whole.stored.entries));
    expect(await verify(pdf, issued.digest)).toMatchObject({
      code: 0,
      out: expect.stringContaining('true'),
    });
  });

  test('a revision says what changed, and the old one stays', async () => {
    expect(await issueReport(mine, inspection, sign(), now())).toMatchObject({
      ok: false,
      faults: ['A revision says what changed.'],
    });
    const second = await issueReport(
      mine,
      inspection,
      sign({ changes: 'Address corrected.' }),
      now(),
    );
    expect(second).toMatchObject({ ok: true, number: '2026-0001', revision: 1 });
    expect((await listIssued(mine, inspection)).map(({ revision }) => revision)).toEqual([1, 0]);
  });

  test('there is nothing of it for another organisation', async () => {
    const [row] = await listIssued(mine, inspection);
    expect(await readIssued(people[1]!.id, row!.id)).toBeUndefined();
    expect(await issueReport(session(1), 'nowhere', sign(), now())).toBeUndefined();
  });
});

describe('verifying against the printed digest', () => {
  test('as sealed: true, and the rules of today say the same', async () => {
    const [row] = await listIssued(mine, inspection);
    expect(await verifyReport(mine, row!.id, row!.digest)).toEqual({
      sealed: true,
      differences: [],
      otherwise: [],
      brought: [],
      since: 0,
    });
    expect(await verifyReport(mine, row!.id, 'a'.repeat(64))).toMatchObject({ sealed: false });
  });
  test('one byte of the package changed: not true, and where', async () => {
    const [row] = await listIssued(mine, inspection);
    const whole = (await readIssued(mine.organisation, row!.id))!;
    const zip = await sealedZip(mine.organisation, whole);
    expect((await verify(zip, row!.digest)).code).toBe(0);
    const broken = Buffer.from(zip);
    broken[200]! ^= 1;
    expect(await verify(broken, row!.digest)).toMatchObject({
      code: 1,
      // A broken stream, or a text that is not the one of the checksum: where the byte fell.
      out: expect.stringMatching(/not the one sealed: (package|inspection\.json):/),
    });
  });
  test('one entry changed in the store by its owner: not true, and which', async () => {
    const [row] = await listIssued(mine, inspection);
    const victim = entries.find((entry) => entry.kind === 'add' && entry.type === 'building')!;
    const body = {
      ...victim,
      facts: { ...('facts' in victim && victim.facts), name: 'Another house' },
    };
    const set = (value: unknown) =>
      owner((client) =>
        client.query(
          `update entries set body = $1::jsonb where organisation_id = $2::uuid and id = $3::text`,
          [JSON.stringify(value), mine.organisation, victim.id],
        ),
      );
    await set(body);
    const told = await verifyReport(mine, row!.id, row!.digest);
    expect(told).toMatchObject({ sealed: false });
    expect(told!.differences.join()).toContain(victim.id);
    await set(victim);
    expect(await verifyReport(mine, row!.id, row!.digest)).toMatchObject({ sealed: true });
  });
  test('the sealed package changed by the owner: not true', async () => {
    const [row] = await listIssued(mine, inspection);
    const set = (from: string, to: string) =>
      owner((client) =>
        client.query(
          `update issued_reports set package = replace(package, $1::text, $2::text) where organisation_id = $3::uuid and id = $4::text`,
          [from, to, mine.organisation, row!.id],
        ),
      );
    await set('"Net loft"', '"Nat loft"');
    expect(await verifyReport(mine, row!.id, row!.digest)).toMatchObject({ sealed: false });
    await set('"Nat loft"', '"Net loft"');
  });
  test('the composed report changed by the owner: not true, and which part', async () => {
    const [row] = await listIssued(mine, inspection);
    const set = (summary: unknown) =>
      owner((client) =>
        client.query(
          `update issued_reports set report = jsonb_set(report, '{summary}', $1::jsonb) where organisation_id = $2::uuid and id = $3::text`,
          [JSON.stringify(summary), mine.organisation, row!.id],
        ),
      );
    const { summary } = (await readIssued(mine.organisation, row!.id))!.report;
    await set(['All is well.']);
    expect(await verifyReport(mine, row!.id, row!.digest)).toMatchObject({
      sealed: false,
      differences: [expect.stringContaining('summary')],
    });
    await set(summary);
    expect(await verifyReport(mine, row!.id, row!.digest)).toMatchObject({ sealed: true });
  });
  test.each([
    ['signed_name', 'Somebody else', 'Ines Marrable', 'the name'],
    ['licence', 'ML-1', 'ML-77', 'the licence'],
    ['changes', 'Nothing.', 'Address corrected.', 'the changes'],
  ])('%s changed by the owner: not true, and what was signed', async (column, to, back, words) => {
    const [row] = await listIssued(mine, inspection);
    const set = (value: string) =>
      owner((client) =>
        client.query(
          `update issued_reports set ${column} = $1::text where organisation_id = $2::uuid and id = $3::text`,
          [value, mine.organisation, row!.id],
        ),
      );
    await set(to);
    expect(await verifyReport(mine, row!.id, row!.digest)).toMatchObject({
      sealed: false,
      differences: [`Signed with ${words} “${back}”; the store says “${to}”.`],
    });
    await set(back);
    expect(await verifyReport(mine, row!.id, row!.digest)).toMatchObject({ sealed: true });
  });
  test('a photo changed in the store by the owner: not true, and which', async () => {
    const [row] = await listIssued(mine, inspection);
    const set = (bytes: Buffer) =>
      owner((client) =>
        client.query(
          `update pictures set bytes = $1::bytea where organisation_id = $2::uuid and digest = $3::text`,
          [bytes, mine.organisation, photo.digest],
        ),
      );
    await set(Buffer.concat([photo.bytes, Buffer.from([0])]));
    expect(await verifyReport(mine, row!.id, row!.digest)).toMatchObject({
      sealed: false,
      differences: [`Photo ${photo.digest} in the store is not the one an entry names.`],
    });
    await set(photo.bytes);
    expect(await verifyReport(mine, row!.id, row!.digest)).toMatchObject({ sealed: true });
  });
  test('entries that arrive after issue are kept and await a revision', async () => {
    const book = later(entries);
    await deliver(book.observe('loft-site', { present: 'The owner’s sister' }));
    entries = book.entries;
    const [row] = await listIssued(mine, inspection);
    expect(await verifyReport(mine, row!.id, row!.digest)).toMatchObject({
      sealed: true,
      since: 1,
    });
    const [state] = await listInspections(mine, 'net loft');
    expect(state).toMatchObject({ stage: 'changed', issued_as: '2026-0001, revision 1' });
  });
});

describe('links', () => {
  const send = async () => {
    const [row] = await listIssued(mine, inspection);
    const sent = await sendReport(
      mine,
      { report: row!.id, to: 'tomas@house.example', days: 30 },
      'http://127.0.0.1',
    );
    if (!sent?.ok) throw new Error(JSON.stringify(sent));
    return { token: sent.url.split('/r/')[1]!, row: row! };
  };
  test('open one report, counted; the letter carries it; nobody else has it', async () => {
    const { token, row } = await send();
    const opened = await openLink(token, `a-${mark}`, 'opened');
    expect(opened?.row.id).toBe(row.id);
    expect((await listLinks(mine, inspection))[0]).toMatchObject({
      sent_to: 'tomas@house.example',
      opened: 1,
    });
    expect((await listLetters(mine))[0]!.body).toContain(token);
    expect(await listLetters(session(1))).toEqual([]);
    expect(
      await sendReport(session(1), { report: row.id, to: 'x@house.example', days: 1 }, 'http://x'),
    ).toBeUndefined();
  });
  test('expired, revoked, guessed and altered ones give nothing, all the same', async () => {
    const { token } = await send();
    const altered = (token.startsWith('A') ? 'B' : 'A') + token.slice(1);
    const at = `b-${mark}`;
    expect(await openLink(altered, at)).toBeUndefined();
    expect(await openLink('g'.repeat(43), at)).toBeUndefined();
    expect(await openLink('short', at)).toBeUndefined();
    const [link] = await listLinks(mine, inspection);
    expect(await revokeLink(session(1), link!.id)).toBe(false);
    expect(await openLink(token, at)).toBeDefined();
    expect(await revokeLink(mine, link!.id)).toBe(true);
    expect(await openLink(token, at)).toBeUndefined();
    const second = await send();
    const [other] = await listLinks(mine, inspection);
    await owner((client) =>
      client.query(
        `update links set expires_at = now() - interval '1 second' where id = $1::text`,
        [other!.id],
      ),
    );
    expect(await openLink(second.token, at)).toBeUndefined();
  });
  test('a link opened too often from one address gives nothing there; nobody else is kept out', async () => {
    const { token } = await send();
    const { token: other } = await send();
    const at = `c-${mark}`;
    for (let tries = 0; tries < 130; tries += 1) await openLink('h'.repeat(43), at);
    expect(await openLink(token, at)).toBeDefined();
    for (let tries = 0; tries < 119; tries += 1) await openLink(token, at);
    expect(await openLink(token, at)).toBeUndefined();
    expect(await openLink(other, at)).toBeDefined();
    expect(await openLink(token, `d-${mark}`)).toBeDefined();
  });
  test('the client confirms; the first confirmation stands', async () => {
    const { token } = await send();
    const at = `e-${mark}`;
    expect(await acknowledge(token, at, '')).toBe(false);
    expect(await acknowledge(token, at, 'Tomas Aldergrove')).toBe(true);
    await acknowledge(token, at, 'Somebody else');
    expect((await openLink(token, at))!.acknowledged).toMatchObject({ by: 'Tomas Aldergrove' });
  });
});

describe('finding it again', () => {
  test.each([
    ['a word of the place', 'loft', true],
    ['beginnings, in any order', 'porcel net', true],
    ['the number', '2026-0001', true],
    ['a word that is not there', 'lighthouse', false],
    ['nothing that could be a query', '& | !', true],
  ])('%s', async (_, words, there) => {
    const found = await listInspections(mine, words);
    expect(found.some((row) => row.inspection_id === inspection)).toBe(there);
  });
  test('a number is found by its own organisation alone', async () => {
    expect(await listInspections(session(1), '2026-0001')).toEqual([]);
  });
  test('what is due by its deadline', async () => {
    expect((await listDue(mine, '2099-01-01')).map((row) => row.inspection_id)).toContain(
      inspection,
    );
  });
});

describe('a return visit closed', () => {
  test('the rules decide item by item; the closing report says so', async () => {
    const book = later(entries);
    const fuse = book.site.panels[0]!.devices.find(({ label }) => label === '2')!;
    await deliver(book.observe('loft-site', { returnOf: '2026-0001' }));
    await deliver(book.observe(fuse.id, { handleRatingsA: [15] }));
    entries = book.entries;
    expect((await listInspections(mine, 'loft'))[0]).toMatchObject({ stage: 'returning' });
    const closed = await issueReport(mine, inspection, sign({ kind: 'closing' }), now());
    if (!closed?.ok) throw new Error(JSON.stringify(closed));
    expect(closed.number).toBe('2026-0002');
    const { report } = (await readIssued(mine.organisation, closed.id))!;
    expect(report.closing).toMatchObject({ of: '2026-0001' });
    const overfused = report.closing!.items.find(({ key }) => key.startsWith('fuse/overfused'))!;
    expect(overfused.now).toBe('mended');
    expect(report.closing!.items.some(({ now: state }) => state === 'still-found')).toBe(true);
    expect((await listInspections(mine, 'loft'))[0]).toMatchObject({ stage: 'closed' });
  });
});
