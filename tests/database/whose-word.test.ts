import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import fc from 'fast-check';
import yazl from 'yazl';
import type { Entry } from '@/core/record/entries/entry';
import type { Carried } from '@/core/record/package/carried';
import { canonicalJson } from '@/core/vocabulary/canonical';
import { Logbook, parsePackage } from '@/core';
import type { InspectionPackage } from '@/core';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { issueReport } from '@/server/commands/issue-report';
import { readIssued } from '@/server/commands/issued-report';
import { readInspection } from '@/server/commands/read-inspection';
import type { Opened } from '@/core/record/package/opened';
import { readBook } from '@/server/commands/read-book';
import { readDraft } from '@/server/commands/read-report';
import { saveSettings } from '@/server/commands/save-settings';
import { asRead } from '@/server/commands/stored-inspection';
import { exportPackage, importPackage } from '@/server/commands/transfer-package';
import { verifyReport } from '@/server/commands/verify-report';
import { closePool, inOrganisation } from '@/server/db/connect';
import { manyEntries } from '@/server/db/entries';
import { maybeOneInspection } from '@/server/db/inspections';
import { closeThreads } from '@/server/heavy/pool';
import { writePackage } from '@/server/package-file';
import { readZip } from '@/server/package-zip';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import type { TestOffice } from './office';
import { seedOffices, siteEntry, word } from './office';

jest.setTimeout(240_000);

let ours: TestOffice;
let theirs: TestOffice;
beforeAll(async () => {
  [ours, theirs] = (await seedOffices(2)) as [TestOffice, TestOffice];
});
afterAll(async () => {
  await closePool();
  await closeThreads();
});

async function deliver(office: TestOffice, inspection: string, entries: Entry[], at = 0) {
  for (let from = 0; from < entries.length; from += 400) {
    const sent = await deliverEntries(office.session(at), {
      inspection,
      entries: entries.slice(from, from + 400),
    });
    if (!sent.ok || sent.deliveries.some(({ outcome }) => outcome !== 'arrived'))
      throw new Error(JSON.stringify(sent).slice(0, 400));
  }
}

/** The lock-keeper’s house, its danger told to somebody: a report of it may be issued. */
function readyToIssue(author: string): Entry[] {
  const mark = randomUUID().slice(0, 8);
  const book = new Logbook(
    { newId: () => randomUUID(), device: 'tablet', author, at: '2026-11-25T11:00:00+00:00' },
    lockKeepersHouse(author).entries.map((entry) => ({ ...entry, id: `${mark}-${entry.id}` })),
  );
  book.observe('lock-main', { toldWhom: 'The owner, in person' });
  return [...book.entries];
}

/** A package of the other office, changed by whoever has it in hand. */
async function packed(
  inspection: string,
  change: (document: InspectionPackage) => unknown = () => undefined,
): Promise<Buffer> {
  const { zip } = (await exportPackage(theirs.session(), inspection))!;
  const files = await readZip(zip);
  if (!files.ok) throw new Error('unread');
  const document = JSON.parse(files.value.document) as InspectionPackage;
  change(document);
  return writePackage(document);
}

const namesIn = async (office: TestOffice, inspection: string) => {
  const { entries, authors } = asRead((await readInspection(office.session(), inspection))!);
  // A device opens it with the same.
  const opened = JSON.parse((await readBook(office.session(), inspection)).text) as Opened;
  expect(opened).toMatchObject({ entries, authors });
  return Object.fromEntries(
    entries.map(({ id, author }) => [id, authors.find((one) => one.id === author)?.name ?? author]),
  );
};

describe('what a package says of who wrote it', () => {
  test('an author with the id of a member here is not that member: shown with the package’s office', async () => {
    const inspection = `forged-${randomUUID()}`;
    const [me] = ours.members;
    const own = siteEntry(theirs.members[0]!.id);
    const forged = siteEntry(me!.id, { thing: 'other', counter: 2 });
    await deliver(theirs, inspection, [own]);
    const zip = await packed(inspection, (document) => {
      document.entries.push(forged);
      document.authors.push({ id: me!.id, name: 'Member 00', licence: 'ML-00' });
    });
    const imported = await importPackage(ours.session(), zip);
    expect(imported).toMatchObject({ ok: true, added: 2 });
    const names = await namesIn(ours, inspection);
    expect(names[forged.id]).toMatch(/^Member 00 of Office 1 /);
    expect(names[own.id]).toMatch(/^Member 10 of Office 1 /);
    // What the member then writes himself is his own.
    const mine = siteEntry(me!.id, { thing: 'third', counter: 3 });
    await deliver(ours, inspection, [mine]);
    expect((await namesIn(ours, inspection))[mine.id]).toBe('Member 00');
    // Where he delivers the very entry he vouches for it.
    await deliver(ours, inspection, [forged]);
    expect((await namesIn(ours, inspection))[forged.id]).toBe('Member 00');
  });

  test('a package renames nobody', async () => {
    const inspection = `renamed-${randomUUID()}`;
    await deliver(ours, inspection, [siteEntry(ours.members[0]!.id)]);
    await deliver(theirs, inspection, [siteEntry(theirs.members[0]!.id, { counter: 2 })]);
    const zip = await packed(inspection, (document) => {
      document.authors.push({ id: ours.members[0]!.id, name: 'Nobody', licence: '' });
    });
    expect(await importPackage(ours.session(), zip)).toMatchObject({ ok: true });
    expect(Object.values(await namesIn(ours, inspection)).sort()).toEqual([
      'Member 00',
      expect.stringMatching(/^Member 10 of Office 1/),
    ]);
  });

  test('with names without end, after more hands than are remembered, it is read, and so is the inspection', async () => {
    const inspection = `hops-${randomUUID()}`;
    const mine = siteEntry(ours.members[0]!.id);
    await deliver(ours, inspection, [mine]);
    await deliver(theirs, inspection, [siteEntry(theirs.members[0]!.id, { counter: 2 })]);
    const hop = (left: number): Carried => ({
      package: String(left).repeat(64),
      office: 'Elsewhere',
      by: { id: 'x', name: 'X' },
      at: '2026-05-01T10:00:00Z',
      authors: [{ id: ours.members[0]!.id, name: 'Nobody', licence: '' }],
      // It claims an entry a member of this office delivered himself.
      entries: [mine.id],
      before: left > 0 ? [hop(left - 1)] : [],
    });
    const zip = await packed(inspection, (document) => {
      document.carried = [hop(6)];
      document.authors[0]!.name = 'x'.repeat(5000);
    });
    expect(await importPackage(ours.session(), zip)).toMatchObject({ ok: true, added: 1 });
    expect((await namesIn(ours, inspection))[mine.id]).toBe('Member 00');
    expect(await exportPackage(ours.session(), inspection)).toBeDefined();
  });

  test('an inspection of this office is not added to under a member’s name; nothing of the package is written', async () => {
    const inspection = `own-${randomUUID()}`;
    const [me, colleague] = ours.members;
    await deliver(ours, inspection, [siteEntry(me!.id)]);
    await deliver(theirs, inspection, [siteEntry(theirs.members[0]!.id, { thing: 't' })]);
    const before = await inOrganisation(ours.organisation, (tx) => manyEntries(tx, inspection));
    const zip = await packed(inspection, (document) =>
      document.entries.push(siteEntry(colleague!.id, { counter: 9, thing: 'x' })),
    );
    expect(await importPackage(ours.session(), zip)).toEqual({
      ok: false,
      faults: [
        {
          path: 'entries.1.author',
          expected: 'nobody of this office, or an entry its author delivered here',
          got: colleague!.id,
        },
      ],
    });
    expect(await inOrganisation(ours.organisation, (tx) => manyEntries(tx, inspection))).toEqual(
      before,
    );
  });

  test('who brought it is in the record, in the package sent on, and in what is sealed', async () => {
    const inspection = `brought-${randomUUID()}`;
    const entries = readyToIssue(theirs.members[0]!.id);
    await deliver(theirs, inspection, entries);
    expect(await importPackage(ours.session(1), await packed(inspection))).toMatchObject({
      ok: true,
    });
    const text = await readDraft(ours.session(), inspection, 'record');
    expect(text).toMatch(/Member 10 of Office 1 [^"]*brought in a package by Member 01, \d{4}-/);
    const sentOn = await exportPackage(ours.session(), inspection);
    const files = await readZip(sentOn!.zip);
    const parsed = parsePackage(files.ok ? files.value.document : '');
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.faults));
    expect(parsed.value.carried).toMatchObject([
      { by: { name: 'Member 01' }, authors: [{ name: 'Member 10' }], before: [] },
    ]);
    expect(parsed.value.carried![0]!.entries).toHaveLength(entries.length);
    expect(parsed.value.authors).toEqual([]);
    // Bodies are as they were written.
    expect(parsed.value.entries.map(({ author }) => author)).toEqual(
      entries.map(({ author }) => author),
    );
    const issued = await issueReport(
      ours.session(),
      inspection,
      { kind: 'report', password: word, changes: '' },
      new Date(),
    );
    if (!issued?.ok) throw new Error(JSON.stringify(issued));
    const verified = await verifyReport(ours.session(), issued.id, issued.digest);
    expect(verified).toMatchObject({ sealed: true, differences: [] });
    expect(verified!.brought).toEqual([
      expect.stringMatching(/^\d+ entries of Office 1 .*, brought in a package by Member 01, /),
    ]);
  });
});

describe('a signature', () => {
  test('is the signer’s own, whatever name is sent; the day is the office’s', async () => {
    const inspection = `signed-${randomUUID()}`;
    await deliver(ours, inspection, readyToIssue(ours.members[0]!.id));
    const { startingSettings } = await import('@/core');
    await saveSettings(ours.session(), {
      ...startingSettings('x'),
      timeZone: 'Pacific/Kiritimati',
    });
    const forged = {
      kind: 'report',
      password: word,
      changes: '',
      signedName: 'Somebody Else',
      licence: 'FORGED',
    };
    const now = new Date('2026-12-31T12:00:00Z');
    const issued = await issueReport(ours.session(1), inspection, forged, now);
    if (!issued?.ok) throw new Error(JSON.stringify(issued));
    expect(issued.number).toMatch(/^2027-/);
    const { row } = (await readIssued(ours.organisation, issued.id))!;
    expect([row.signed_name, row.licence, row.issued_on, row.issued_by]).toEqual([
      'Member 01',
      'ML-01',
      '2027-01-01',
      ours.members[1]!.id,
    ]);
    const again = { ...forged, changes: 'Again.' };
    const all = await Promise.all(
      Array.from({ length: 12 }, () => issueReport(ours.session(1), inspection, again, now)),
    );
    const revisions = all.map((one) => (one?.ok ? one.revision : one));
    expect(revisions.map(Number).sort((a, b) => a - b)).toEqual(
      Array.from({ length: 12 }, (_, at) => at + 1),
    );
  });
});

test('1,000 mutated packages: each taken whole or refused with its place; nothing half-written', async () => {
  const inspection = `mutated-${randomUUID()}`;
  await deliver(theirs, inspection, [
    siteEntry(theirs.members[0]!.id),
    siteEntry(theirs.members[0]!.id, { counter: 2, thing: 'b' }),
  ]);
  const { zip } = (await exportPackage(theirs.session(), inspection))!;
  const files = await readZip(zip);
  const text = files.ok ? files.value.document : '';
  const paths = [
    'format',
    'version',
    'inspection',
    'inspection.id',
    'inspection.title',
    'asOf',
    'settings',
    'settings.yardstick',
    'settings.families',
    'authors',
    'authors.0',
    'authors.0.id',
    'yardstick',
    'yardstick.id',
    'ruleBook',
    'issued',
    'carried',
    'entries',
    'entries.0',
    'entries.0.author',
    'entries.0.id',
    'entries.1.id',
    'entries.0.counter',
    'entries.0.at',
    'entries.0.facts',
    '__proto__',
  ];
  const deep = JSON.parse('['.repeat(60) + ']'.repeat(60)) as unknown;
  const ask = fc.record({
    path: fc.constantFrom(...paths),
    value: fc.oneof(
      fc.constantFrom<unknown>(
        null,
        '',
        '\0',
        'constructor',
        '__proto__',
        -1,
        2 ** 53,
        [],
        {},
        deep,
        'x'.repeat(5000),
      ),
      fc.jsonValue({ maxDepth: 3 }),
    ),
    how: fc.constantFrom('set', 'set', 'set', 'drop', 'bytes', 'cut', 'keep'),
    at: fc.nat(),
  });
  const outcomes = { taken: 0, refused: 0 };
  const wrong: string[] = [];
  for (const { path, value, how, at } of fc.sample(ask, { numRuns: 1000, seed: 181 })) {
    const document = JSON.parse(text) as Record<string, unknown>;
    const own = `m-${randomUUID()}`;
    (document.inspection as { id: string }).id = own;
    for (const entry of document.entries as { id: string }[]) entry.id = randomUUID();
    const keys = path.split('.');
    const last = keys.pop()!;
    const holder = keys.reduce<unknown>(
      (inner, key) => (inner as Record<string, unknown>)[key],
      document,
    ) as Record<string, unknown>;
    if (how === 'drop') delete holder[last];
    else if (how !== 'keep') Object.defineProperty(holder, last, { value, enumerable: true });
    let bytes = await zipOf(canonicalJson(JSON.parse(JSON.stringify(document))));
    if (how === 'cut') bytes = bytes.subarray(0, at % bytes.length);
    if (how === 'bytes') bytes[at % bytes.length] = at % 256;
    let begun = own;
    try {
      const imported = await importPackage(ours.session(), bytes);
      if (imported.ok) {
        outcomes.taken += 1;
        begun = imported.inspection;
        expect(await readInspection(ours.session(), begun)).toBeDefined();
      } else {
        outcomes.refused += 1;
        expect(imported.faults[0]!.expected).toMatch(/\w/);
        expect(
          await inOrganisation(ours.organisation, (tx) => maybeOneInspection(tx, own)),
        ).toBeUndefined();
      }
    } catch (error) {
      wrong.push(
        `${how} ${path} ${JSON.stringify(value)?.slice(0, 60)}: ${String(error).slice(0, 200)}`,
      );
    }
  }
  expect(wrong).toEqual([]);
  expect(outcomes.taken).toBeGreaterThan(20);
  expect(outcomes.refused).toBeGreaterThan(500);
});

async function zipOf(document: string): Promise<Buffer> {
  const zip = new yazl.ZipFile();
  zip.addBuffer(Buffer.from(document), 'inspection.json');
  zip.end();
  const chunks: Buffer[] = [];
  for await (const chunk of zip.outputStream) chunks.push(Buffer.from(chunk as Uint8Array));
  return Buffer.concat(chunks);
}
