import { permissions } from '@/core/vocabulary/permission';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { hash } from '@node-rs/argon2';
import sharp from 'sharp';
import type pg from 'pg';
import type { Entry } from '@/core/record/entries/entry';
import { startingSettings } from '@/core';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { importPackage, exportPackage } from '@/server/commands/transfer-package';
import { readBook } from '@/server/commands/read-book';
import { listInspections, listRechecked, readInspection } from '@/server/commands/read-inspection';
import { readDraft, readReport } from '@/server/commands/read-report';
import { askReportFile, readReportFile } from '@/server/commands/report-file';
import {
  makeThumbnail,
  readPicture,
  readPictures,
  readPrintedPictures,
  readThumbnail,
  storePicture,
} from '@/server/commands/pictures';
import { storeSound } from '@/server/commands/sounds';
import { storeFilePart } from '@/server/commands/file-part';
import { closePool, inOrganisation, inTransaction } from '@/server/db/connect';
import type { Transaction } from '@/server/db/connect';
import * as auditQueries from '@/server/db/audit';
import * as carriedQueries from '@/server/db/carried';
import * as entryQueries from '@/server/db/entries';
import * as foundingQueries from '@/server/db/foundings';
import * as importQueries from '@/server/db/imports';
import * as inspectionQueries from '@/server/db/inspections';
import * as judgedQueries from '@/server/db/judged';
import * as memberQueries from '@/server/db/members';
import * as erasureQueries from '@/server/db/erasures';
import * as standingQueries from '@/server/db/standing';
import * as inviteQueries from '@/server/db/invites';
import * as passkeyQueries from '@/server/db/passkeys';
import * as peopleQueries from '@/server/db/people';
import * as resetQueries from '@/server/db/resets';
import * as pictureQueries from '@/server/db/pictures';
import * as partQueries from '@/server/db/file-parts';
import * as soundQueries from '@/server/db/sounds';
import * as linkQueries from '@/server/db/links';
import * as mailboxQueries from '@/server/db/mailbox';
import * as fileQueries from '@/server/db/report-files';
import * as reportQueries from '@/server/db/reports';
import * as recheckQueries from '@/server/db/rechecks';
import { insertJob } from '@/server/db/queue';
import * as sessionQueries from '@/server/db/sessions';
import { seedOrganisations } from '@/server/db/seed';
import type { Session } from '@/server/session';
import { freePort, signInCookie, startServer } from '../server';
import type { RunningServer } from '../server';
import { bookViews } from '@/worker/shell-paths';
import { onClient } from './client';
import { webmSound } from './webm-sound';

jest.setTimeout(120_000);

const secretPlace = 'Only for the first organisation';
const mark = randomUUID().slice(0, 8);
const people = ['a', 'b'].map((letter) => ({
  id: randomUUID(),
  name: `Organisation ${letter} ${mark}`,
  member: `member-${letter}-${mark}`,
  email: `${letter}-${mark}@test.example`,
}));
const [a, b] = people as [(typeof people)[number], (typeof people)[number]];
const session = (who: typeof a): Session => ({
  organisation: who.id,
  organisationName: who.name,
  member: who.member,
  name: who.member,
  licence: '',
  may: permissions,
});
const inspection = `isolated-${mark}`;
let pictureDigest = '';
/** Of a picture of the first that is half on its way. */
const partDigest = 'd'.repeat(64);
let soundDigest = '';
/** Of the first's row of figures, as it was read. */
let version = '';
const linkId = `link-${mark}`;
const issuedRow = {
  id: `report-${mark}`,
  inspection_id: inspection,
  number: `1998-0001`,
  revision: 0,
  revises: null,
  kind: 'report' as const,
  changes: '',
  issued_by: a.member,
  signed_name: secretPlace,
  licence: '',
  digest: 'f'.repeat(64),
  package: '{}',
  report: {},
  entries: 1,
  issued_at: new Date('1998-01-01T00:00:00Z'),
  issued_on: null,
};
const fileId = 'd'.repeat(64);
const importId = `i-${mark}`;
let pictureBytes: Buffer;
const entry: Entry = {
  v: 1,
  id: `entry-${mark}`,
  counter: 1,
  device: 'tablet',
  author: a.member,
  at: '2026-04-14T09:41:00+01:00',
  action: 'start',
  kind: 'add',
  thing: 'site',
  type: 'site',
  in: null,
  facts: { name: secretPlace },
  certainty: 'seen',
};

beforeAll(async () => {
  const passwordHash = await hash('a-long-password');
  await seedOrganisations(
    process.env.DATABASE_OWNER_URL!,
    people.map(({ id, name, member, email }) => ({
      id,
      name,
      settings: startingSettings(name),
      members: [{ id: member, email, name: member, licence: '', passwordHash }],
    })),
  );
  await deliverEntries(session(a), { inspection, entries: [entry] });
  await inOrganisation(a.id, async (tx) => {
    await inspectionQueries.upsertState(tx, a.id, {
      inspection_id: inspection,
      place: secretPlace,
      address: '',
      as_of: null,
      entries: 1,
      findings: {},
      seen_share: 0,
      acts_made: null,
      acts_agreed: null,
      acts_called: null,
      judged_by: null,
      danger_open: 1,
      due_on: '2026-01-01',
      stage: 'draft',
      issued_as: null,
      words: secretPlace,
    });
    const [row] = await judgedQueries.manyToJudge(tx, { after: '', most: 1, book: '', reader: '' });
    version = row!.version;
    await reportQueries.insertIssued(tx, a.id, issuedRow);
    await linkQueries.insertLink(tx, a.id, {
      id: linkId,
      report: issuedRow.id,
      tokenHash: Buffer.from(`token-${mark}`),
      sentTo: `client-${mark}@test.example`,
      by: a.member,
      days: 1,
    });
    await fileQueries.maybeAskReportFile(tx, a.id, {
      id: fileId,
      inspection_id: inspection,
      report_id: issuedRow.id,
      audience: 'client',
    });
    await recheckQueries.upsertRecheck(tx, a.id, {
      report: issuedRow.id,
      lacks: [{ key: 'k', title: secretPlace, place: 'x', grade: 'danger', was: undefined }],
      fault: '',
      at: new Date(),
    });
    await importQueries.insertImport(tx, a.id, {
      id: importId,
      member: a.member,
      name: a.member,
      bytes: Buffer.from(secretPlace),
    });
    await inviteQueries.insertInvite(tx, a.id, {
      id: `invite-${mark}`,
      tokenHash: Buffer.from(`invite-${mark}`),
      email: `invited-${mark}@test.example`,
      may: [],
      by: a.member,
    });
    await passkeyQueries.insertPasskey(tx, a.id, {
      id: `passkey-${mark}`,
      member: a.member,
      publicKey: Buffer.from(mark),
      counter: 0,
      transports: [],
      name: secretPlace,
    });
    await passkeyQueries.putChallenge(tx, Buffer.from(`challenge-${mark}`), {
      organisation: a.id,
      member: a.member,
    });
    await inspectionQueries.insertInspection(tx, {
      organisation: a.id,
      id: `erased-${mark}`,
      settings: startingSettings(a.name),
      authors: [],
      createdBy: a.member,
    });
    await erasureQueries.insertErasure(tx, a.id, { inspection: `erased-${mark}`, by: a.member });
    await erasureQueries.maybeUpdateKeeping(tx, a.id, { lettersDays: 4321 });
    await auditQueries.insertAudit(
      tx,
      { organisation: a.id, member: a.member },
      'joined',
      secretPlace,
    );
    await sessionQueries.insertSession(tx, a.id, {
      member: a.member,
      tokenHash: Buffer.from(`session-${mark}`),
      days: 1,
      device: secretPlace,
    });
    await mailboxQueries.insertLetter(tx, a.id, {
      id: `l-${mark}`,
      sent_to: 'x',
      subject: 'x',
      body: mark,
      kind: 'report',
      html: '',
      state: 'kept',
    });
  });
  pictureBytes = await plainPicture(1200, 900).jpeg().toBuffer();
  const stored = await storePicture(session(a), pictureBytes);
  if (!stored.ok) throw new Error(stored.reason);
  pictureDigest = stored.digest;
  const sound = await storeSound(session(a), webmSound());
  if (!sound.ok) throw new Error(sound.reason);
  soundDigest = sound.digest;
  const half = { digest: partDigest, from: '0', of: '10' };
  expect(await storeFilePart(session(a), half, Buffer.from('half'), storePicture)).toEqual({
    ok: true,
    received: 4,
  });
});

/** A picture of one colour, of this test's own. */
const plainPicture = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#335577' } });

afterAll(closePool);

const asApp = <T>(work: (client: pg.Client) => Promise<T>): Promise<T> =>
  onClient(process.env.DATABASE_URL, work);

const tables = (client: pg.Client) =>
  client
    .query<{ name: string }>(
      `select tablename as name from pg_tables where schemaname = 'public' order by 1`,
    )
    .then(({ rows }) => rows.map((row) => row.name));

/** Rows the connection sees in each table; a table it may not read shows none. */
async function visible(client: pg.Client): Promise<Record<string, number>> {
  const counts: Record<string, number> = {};
  for (const table of await tables(client)) {
    const { rows } = await client.query<{ may: boolean }>(
      `select has_table_privilege($1, 'select') as may`,
      [table],
    );
    const counted =
      rows[0]!.may &&
      (await client.query<{ n: number }>(`select count(*)::integer as n from ${table}`));
    counts[table] = counted ? counted.rows[0]!.n : 0;
  }
  return counts;
}

describe('row security', () => {
  test('with no organisation set every table gives zero rows', async () => {
    const counts = await asApp(visible);
    expect(Object.keys(counts).length).toBeGreaterThanOrEqual(8);
    expect(Object.values(counts).every((count) => count === 0)).toBe(true);
  });

  test('also on a connection that just served an organisation', async () => {
    await asApp(async (client) => {
      await client.query('begin');
      await client.query(`select set_config('east_gate.organisation', $1, true)`, [a.id]);
      expect(await visible(client)).toMatchObject({
        organisations: 1,
        members: 1,
        entries: 1,
        inspections: 2,
        inspection_states: 1,
      });
      await client.query('commit');
      expect(Object.values(await visible(client)).every((count) => count === 0)).toBe(true);
    });
    await inOrganisation(a.id, async (tx) =>
      expect((await tx.query('select 1 from entries')).rowCount).toBe(1),
    );
    await inTransaction(async (tx) =>
      expect((await tx.query('select 1 from entries')).rowCount).toBe(0),
    );
  });

  test('every table has forced row security, and the application is neither owner nor superuser', async () => {
    await asApp(async (client) => {
      const { rows } = await client.query<{
        relname: string;
        relrowsecurity: boolean;
        relforcerowsecurity: boolean;
        owned: boolean;
      }>(
        `select relname, relrowsecurity, relforcerowsecurity, pg_get_userbyid(relowner) = current_user as owned
         from pg_class where relnamespace = 'public'::regnamespace and relkind = 'r'`,
      );
      for (const table of rows) {
        expect(table).toMatchObject({ relrowsecurity: true, owned: false });
        if (table.relname !== 'schema_migrations') expect(table.relforcerowsecurity).toBe(true);
      }
      const { rows: role } = await client.query(
        'select rolsuper, rolbypassrls from pg_roles where rolname = current_user',
      );
      expect(role).toEqual([{ rolsuper: false, rolbypassrls: false }]);
    });
  });

  test('opening the door is of no use to the application', async () => {
    await asApp(async (client) => {
      await client.query(`select set_config('east_gate.door', 'open', false)`);
      expect(Object.values(await visible(client)).every((count) => count === 0)).toBe(true);
    });
  });

  test.each([
    'update entries set author = author',
    'delete from entries',
    'truncate entries',
    `update issued_reports set package = '{}'`,
    'delete from issued_reports',
    'delete from link_visits',
    'delete from inspections',
    `insert into members values ('${a.id}', 'x', 'x', 'x', 'x', 'x')`,
  ])('refuses the application: %s', async (statement) => {
    await expect(inOrganisation(a.id, (tx) => tx.query(statement))).rejects.toMatchObject({
      code: '42501',
    });
  });

  test('a job in the queue holds two ids and nothing else', async () => {
    await inOrganisation(a.id, (tx) =>
      insertJob(tx, 'report-file', { organisation: a.id, file: fileId }),
    );
    const jobs = await asApp(async (client) => {
      const { rows } = await client.query<{ data: object }>(
        `select data from queue.job where data ->> 'organisation' = $1`,
        [a.id],
      );
      return rows.map(({ data }) => data);
    });
    expect(jobs).toEqual([{ organisation: a.id, file: fileId }]);
    await inOrganisation(a.id, (tx) =>
      tx.query(`delete from queue.job where data ->> 'organisation' = $1`, [a.id]),
    );
  });

  test('refuses a row written for another organisation', async () => {
    await expect(
      inOrganisation(b.id, (tx) =>
        entryQueries.manyInsertedEntries(
          tx,
          a.id,
          inspection,
          [{ ...entry, id: 'smuggled' }],
          null,
        ),
      ),
    ).rejects.toMatchObject({ code: '42501' });
  });

  test('the functions that run before an organisation is known are these', async () => {
    const names = await asApp(async (client) => {
      const { rows } = await client.query<{ name: string }>(
        `select proname as name from pg_proc where pronamespace = 'public'::regnamespace and prosecdef order by 1`,
      );
      return rows.map((row) => row.name);
    });
    expect(names).toEqual([
      'accept_invite',
      'begin_reset',
      'count_sign_in_attempt',
      'drop_what_expired',
      'drop_what_is_old',
      'end_session',
      'find_invite',
      'find_link',
      'find_member_for_sign_in',
      'find_passkey',
      'find_reset',
      'find_session',
      'forget_sign_in_attempts',
      'found_office',
      'is_founding_open',
      'is_known_device',
      'newest_migration',
      'note_ended_session',
      'put_challenge',
      'session_was_ended',
      'take_challenge',
      'use_reset',
    ]);
  });
});

describe('every query', () => {
  const nothing = Buffer.from('nothing');
  /** Each asks, as the second organisation, for what is the first's. */
  const asked: Record<string, (tx: Transaction) => Promise<unknown>> = {
    oneEntryCount: (tx) =>
      entryQueries
        .oneEntryCount(tx, inspection)
        .then(({ entries }) => (entries === 0 ? [] : entries)),
    maybeAskReportFile: (tx) =>
      fileQueries.maybeAskReportFile(tx, a.id, {
        id: 'e'.repeat(64),
        inspection_id: inspection,
        report_id: null,
        audience: 'client',
      }),
    manyDraftFilesDropped: (tx) =>
      fileQueries.manyDraftFilesDropped(tx, {
        id: nothing.toString('hex'),
        inspection_id: inspection,
        audience: 'client',
      }),
    maybeOneReportFile: (tx) => fileQueries.maybeOneReportFile(tx, fileId),
    maybeOneReportFileBytes: (tx) => fileQueries.maybeOneReportFileBytes(tx, fileId),
    oneReportFileStep: (tx) =>
      fileQueries.oneReportFileStep(tx, fileId, 1, 2).catch((error: Error) => {
        if (error.message !== 'Expected one row, got 0') throw error;
        return [];
      }),
    manyReportFileMade: (tx) => fileQueries.manyReportFileMade(tx, fileId, nothing),
    manyReportFileFailed: (tx) => fileQueries.manyReportFileFailed(tx, fileId, 'x'),
    manyPictures: (tx) => pictureQueries.manyPictures(tx, [pictureDigest]),
    manyPrintedPictures: (tx) => pictureQueries.manyPrintedPictures(tx, [pictureDigest]),
    insertPrintedPicture: (tx) =>
      pictureQueries.insertPrintedPicture(tx, a.id, {
        digest: pictureDigest,
        width: 1,
        height: 1,
        bytes: nothing,
      }),
    manyInsertedEntries: (tx) =>
      entryQueries.manyInsertedEntries(tx, a.id, inspection, [{ ...entry, id: `x-${mark}` }], null),
    oneFoundingOpen: (tx) =>
      foundingQueries.oneFoundingOpen(tx, nothing).then(({ open }) => (open ? [open] : [])),
    oneFounded: (tx) =>
      foundingQueries
        .oneFounded(tx, nothing, {
          organisation: a.id,
          name: 'x',
          settings: {},
          letterhead: null,
          member: { id: 'x', email: 'x', name: 'x', licence: '', passwordHash: 'x' },
        })
        .then(({ founded }) => (founded ? [founded] : [])),
    insertImport: (tx) =>
      importQueries
        .insertImport(tx, a.id, { id: `i-${mark}-x`, member: a.member, name: 'x', bytes: nothing })
        .then(() => ['written']),
    maybeOneImport: (tx) => importQueries.maybeOneImport(tx, importId),
    maybeOneImportBytes: (tx) => importQueries.maybeOneImportBytes(tx, importId),
    oneImportStep: (tx) =>
      importQueries.oneImportStep(tx, importId, 1, 2).catch((error: Error) => {
        if (error.message !== 'Expected one row, got 0') throw error;
        return [];
      }),
    manyImportEnded: (tx) => importQueries.manyImportEnded(tx, importId, 'refused', {}),
    manySameEntries: (tx) => entryQueries.manySameEntries(tx, inspection, [entry]),
    manyVouchedEntries: (tx) => entryQueries.manyVouchedEntries(tx, inspection, [entry.id]),
    manyCarried: (tx) => carriedQueries.manyCarried(tx, inspection),
    insertCarried: (tx) =>
      carriedQueries.insertCarried(tx, a.id, inspection, {
        package: 'e'.repeat(64),
        office: 'x',
        by: { id: 'x', name: 'x' },
        authors: [],
        before: null,
      }),
    manyEntries: (tx) => entryQueries.manyEntries(tx, inspection),
    manyArrived: (tx) => entryQueries.manyArrived(tx, inspection, 0, 10),
    oneArrival: (tx) =>
      entryQueries.oneArrival(tx, inspection).then(({ arrival }) => (arrival > 0 ? [arrival] : [])),
    maybeOneInspection: (tx) => inspectionQueries.maybeOneInspection(tx, inspection),
    maybeOneState: (tx) => inspectionQueries.maybeOneState(tx, inspection),
    maybeOneInspectionLocked: (tx) => inspectionQueries.maybeOneInspectionLocked(tx, inspection),
    insertInspection: (tx) =>
      inspectionQueries.insertInspection(tx, {
        organisation: a.id,
        id: `new-${mark}`,
        settings: {},
        authors: [],
        createdBy: 'x',
      }),
    upsertState: (tx) =>
      inspectionQueries.upsertState(tx, a.id, {
        inspection_id: inspection,
        place: 'x',
        address: '',
        as_of: null,
        entries: 0,
        findings: {},
        seen_share: 0,
        acts_made: null,
        acts_agreed: null,
        acts_called: null,
        judged_by: null,
        danger_open: 0,
        due_on: null,
        stage: 'draft',
        issued_as: null,
        words: '',
      }),
    manyBehind: (tx) =>
      inspectionQueries.manyBehind(tx, a.id, {
        inspection,
        place: 'x',
        address: 'x',
        entries: 1,
      }),
    manyIdsBehind: (tx) =>
      inspectionQueries
        .manyIdsBehind(tx)
        .then((rows) => rows.filter(({ id }) => id === inspection)),
    manyStatesFound: (tx) =>
      inspectionQueries
        .manyStatesFound(tx, 'only:*')
        .then((rows) => rows.filter((row) => row.inspection_id === inspection)),
    manyStatesDue: (tx) =>
      inspectionQueries
        .manyStatesDue(tx, '2999-01-01')
        .then((rows) => rows.filter((row) => row.inspection_id === inspection)),
    manyIssuedOf: (tx) => reportQueries.manyIssuedOf(tx, inspection),
    maybeOneIssued: (tx) => reportQueries.maybeOneIssued(tx, issuedRow.id),
    oneNextNumber: (tx) =>
      reportQueries
        .oneNextNumber(tx, 1998)
        .then((number) => (number === '1998-0001' ? [] : number)),
    insertIssued: (tx) => reportQueries.insertIssued(tx, a.id, { ...issuedRow, id: 'smuggled' }),
    insertLink: (tx) =>
      linkQueries.insertLink(tx, a.id, {
        id: 'smuggled',
        report: issuedRow.id,
        tokenHash: nothing,
        sentTo: 'x@test.example',
        by: 'x',
        days: 1,
      }),
    manyLinksOf: (tx) => linkQueries.manyLinksOf(tx, inspection),
    maybeOneLink: (tx) => linkQueries.maybeOneLink(tx, linkId),
    maybeRevokeLink: (tx) => linkQueries.maybeRevokeLink(tx, linkId),
    acknowledgeLink: (tx) => linkQueries.acknowledgeLink(tx, linkId, 'x'),
    insertLinkVisit: (tx) => linkQueries.insertLinkVisit(tx, a.id, linkId, 'opened'),
    maybeOneLinkByToken: (tx) => linkQueries.maybeOneLinkByToken(tx, nothing),
    insertLetter: (tx) =>
      mailboxQueries.insertLetter(tx, a.id, {
        id: 'smuggled',
        sent_to: 'x',
        subject: 'x',
        body: 'x',
        kind: 'report',
        html: '',
        state: 'kept',
      }),
    maybeOneLetterLocked: (tx) => mailboxQueries.maybeOneLetterLocked(tx, `l-${mark}`),
    manyLetterBecame: (tx) =>
      mailboxQueries.manyLetterBecame(tx, `l-${mark}`, { state: 'sent', attempts: 1, fault: '' }),
    manyPeople: (tx) =>
      peopleQueries.manyPeople(tx).then((rows) => rows.filter((row) => row.id === a.member)),
    manyPeopleLocked: (tx) =>
      peopleQueries.manyPeopleLocked(tx).then((rows) => rows.filter((row) => row.id === a.member)),
    maybeOnePerson: (tx) => peopleQueries.maybeOnePerson(tx, a.member),
    maybeUpdatePerson: (tx) => peopleQueries.maybeUpdatePerson(tx, a.member, { may: [] }),
    maybeUpdatePassword: (tx) => peopleQueries.maybeUpdatePassword(tx, a.member, 'x'),
    manyHandedOver: (tx) => peopleQueries.manyHandedOver(tx, a.member, b.member),
    insertInvite: (tx) =>
      inviteQueries.insertInvite(tx, a.id, {
        id: 'smuggled',
        tokenHash: nothing,
        email: 'x@test.example',
        may: [],
        by: a.member,
      }),
    manyOpenInvites: (tx) => inviteQueries.manyOpenInvites(tx),
    maybeRevokeInvite: (tx) => inviteQueries.maybeRevokeInvite(tx, `invite-${mark}`),
    maybeOneInvite: (tx) => inviteQueries.maybeOneInvite(tx, nothing),
    oneInviteAccepted: (tx) =>
      inviteQueries
        .oneInviteAccepted(tx, nothing, {
          id: 'x',
          name: 'x',
          licence: '',
          licenceExpires: null,
          passwordHash: 'x',
        })
        .then(({ joined }) => (joined ? [joined] : [])),
    maybeOneResetBegun: (tx) =>
      resetQueries.maybeOneResetBegun(tx, `nobody-${mark}@test.example`, nothing),
    insertReset: (tx) =>
      resetQueries.insertReset(tx, a.id, { tokenHash: nothing, member: a.member, by: a.member }),
    maybeOneReset: (tx) => resetQueries.maybeOneReset(tx, nothing),
    oneResetUsed: (tx) =>
      resetQueries.oneResetUsed(tx, nothing, 'x').then(({ used }) => (used ? [used] : [])),
    manyPasskeysOf: (tx) => passkeyQueries.manyPasskeysOf(tx, a.member),
    insertPasskey: (tx) =>
      passkeyQueries.insertPasskey(tx, a.id, {
        id: 'smuggled',
        member: a.member,
        publicKey: nothing,
        counter: 0,
        transports: [],
        name: 'x',
      }),
    deletePasskey: (tx) => passkeyQueries.deletePasskey(tx, a.member, `passkey-${mark}`),
    manyPasskeyUsed: (tx) => passkeyQueries.manyPasskeyUsed(tx, `passkey-${mark}`, 1),
    maybeOnePasskey: (tx) => passkeyQueries.maybeOnePasskey(tx, `nobody-${mark}`),
    putChallenge: (tx) =>
      passkeyQueries.putChallenge(tx, Buffer.from(randomUUID()), undefined).then(() => []),
    oneChallengeTaken: (tx) =>
      passkeyQueries
        .oneChallengeTaken(tx, Buffer.from(`challenge-${mark}`), {
          organisation: b.id,
          member: b.member,
        })
        .then(({ taken }) => (taken ? [taken] : [])),
    insertAudit: (tx) =>
      auditQueries.insertAudit(tx, { organisation: a.id, member: a.member }, 'joined'),
    manyAudit: (tx) =>
      auditQueries
        .manyAudit(tx, null, 1000)
        .then((rows) => rows.filter((row) => row.member_id === a.member)),
    manySessionsOf: (tx) => sessionQueries.manySessionsOf(tx, a.member),
    deleteSession: (tx) => sessionQueries.deleteSession(tx, a.member, 'x'),
    deleteSessionsOf: (tx) => sessionQueries.deleteSessionsOf(tx, a.member, null),
    oneDropOfExpired: (tx) => sessionQueries.oneDropOfExpired(tx).then(() => []),
    manyLetters: (tx) =>
      mailboxQueries.manyLetters(tx).then((rows) => rows.filter((row) => row.body.includes(mark))),
    maybeOneToRecheck: (tx) => recheckQueries.maybeOneToRecheck(tx, new Date()),
    upsertRecheck: (tx) =>
      recheckQueries.upsertRecheck(tx, a.id, {
        report: issuedRow.id,
        lacks: [],
        fault: 'x',
        at: new Date(),
      }),
    manyRechecked: (tx) => recheckQueries.manyRechecked(tx),
    oneUnreadCount: (tx) =>
      recheckQueries.oneUnreadCount(tx).then((count) => (count === 0 ? [] : count)),
    manyStates: (tx) =>
      inspectionQueries
        .manyStates(tx)
        .then((rows) => rows.filter((row) => row.inspection_id === inspection)),
    manyToJudge: (tx) =>
      judgedQueries
        .manyToJudge(tx, { after: '', most: 1000, book: 'new', reader: 'new' })
        .then((rows) => rows.filter((row) => row.entries!.includes(secretPlace))),
    manyStanding: (tx) => judgedQueries.manyStanding(tx, 'new', [{ id: inspection, version }]),
    manyJudged: (tx) =>
      judgedQueries.manyJudged(tx, { book: 'new', reader: 'new', found: true }, [
        {
          id: inspection,
          version,
          findings: {},
          seen_share: 0,
          danger_open: 0,
          due_on: null,
          acts_made: 0,
          acts_agreed: 0,
          acts_called: '',
          words: '',
          kept: null,
          answers: null,
        },
      ]),
    manyBooks: (tx) =>
      judgedQueries
        .manyBooks(tx, a.id, 'theirs', { reader: '', grading: '', rules: {} })
        .then((books) => [...books]),
    manyMembers: (tx) =>
      memberQueries.manyMembers(tx).then((rows) => rows.filter((row) => row.id === a.member)),
    oneOrganisation: (tx) =>
      memberQueries.oneOrganisation(tx).then((row) => (row.organisation_id === a.id ? row : [])),
    updateSettings: (tx) => memberQueries.updateSettings(tx, a.id, {}, 1),
    updateLetterhead: (tx) => memberQueries.updateLetterhead(tx, a.id, {}, 0),
    maybeOneErasure: (tx) => erasureQueries.maybeOneErasure(tx, `erased-${mark}`),
    insertErasure: (tx) =>
      erasureQueries.insertErasure(tx, a.id, { inspection: `erased-${mark}`, by: a.member }),
    oneClientForgotten: (tx) =>
      erasureQueries
        .oneClientForgotten(tx, inspection, 'x')
        .then((gone) => (gone.links + gone.letters + gone.files === 0 ? [] : gone)),
    oneKeeping: (tx) =>
      erasureQueries
        .oneKeeping(tx)
        .then(({ keeping }) => (JSON.stringify(keeping)?.includes('4321') ? keeping : [])),
    maybeUpdateKeeping: (tx) => erasureQueries.maybeUpdateKeeping(tx, a.id, {}),
    oneDropOfOld: (tx) =>
      erasureQueries
        .oneDropOfOld(tx, { lettersDays: 9999, visitsDays: 9999, auditDays: 9999 })
        .then(() => []),
    manyInspectionIds: (tx) =>
      inspectionQueries
        .manyInspectionIds(tx)
        .then((rows) => rows.filter((row) => row.id === `erased-${mark}`)),
    // Counts of all offices, and what the database is: nothing of anybody.
    manyQueueCounts: (tx) =>
      standingQueries
        .manyQueueCounts(tx)
        .then((rows) => rows.filter((row) => JSON.stringify(row).includes(mark))),
    oneVersion: (tx) =>
      standingQueries.oneVersion(tx).then((row) => (JSON.stringify(row).includes(mark) ? row : [])),
    oneStorage: (tx) =>
      standingQueries
        .oneStorage(tx)
        .then(({ pictures }) => (Number(pictures) === 0 ? [] : pictures)),
    maybeOnePasswordHash: (tx) => memberQueries.maybeOnePasswordHash(tx, a.member),
    upsertKnownDevice: (tx) => memberQueries.upsertKnownDevice(tx, a.id, a.member, nothing),
    oneKnownDevice: (tx) =>
      memberQueries
        .oneKnownDevice(tx, a.email, nothing)
        .then(({ known }) => (known ? [known] : [])),
    insertSession: (tx) =>
      sessionQueries.insertSession(tx, a.id, {
        member: a.member,
        tokenHash: nothing,
        days: 1,
        device: '',
      }),
    maybeOneSession: (tx) => sessionQueries.maybeOneSession(tx, nothing, 1),
    oneEnded: (tx) =>
      sessionQueries.oneEnded(tx, nothing).then(({ ended }) => (ended ? [ended] : [])),
    endSession: (tx) => sessionQueries.endSession(tx, nothing).then(() => []),
    forgetSignInAttempts: (tx) => memberQueries.forgetSignInAttempts(tx, 'nobody').then(() => []),
    oneSignInAttemptCount: (tx) =>
      memberQueries
        .oneSignInAttemptCount(tx, `key-${mark}`, 60)
        .then(({ attempts }) => (attempts === 1 ? [] : attempts)),
    insertPicture: (tx) =>
      pictureQueries.insertPicture(tx, {
        organisation: a.id,
        digest: 'e'.repeat(64),
        mediaType: 'image/png',
        width: 1,
        height: 1,
        bytes: nothing,
        createdBy: 'x',
      }),
    onePartsCount: (tx) =>
      partQueries
        .onePartsCount(tx, pictureDigest)
        .then(({ received, on_the_way: onTheWay, known }) =>
          received + onTheWay === 0 && !known ? [] : [received],
        ),
    insertFilePart: (tx) =>
      partQueries.insertFilePart(tx, a.id, {
        digest: 'e'.repeat(64),
        from: 0,
        bytes: Buffer.from('x'),
      }),
    takeFileParts: (tx) => partQueries.takeFileParts(tx, partDigest),
    deleteOldFileParts: (tx) => partQueries.deleteOldFileParts(tx, -1),
    // It holds up whoever sends the same picture, for as long as this takes, and tells nothing.
    maybeOneSound: (tx) => soundQueries.maybeOneSound(tx, soundDigest),
    manySounds: (tx) => soundQueries.manySounds(tx, [soundDigest]),
    insertSound: (tx) =>
      soundQueries.insertSound(tx, {
        organisation: a.id,
        digest: 'e'.repeat(64),
        mediaType: 'audio/webm',
        bytes: nothing,
        createdBy: 'x',
      }),
    lockFileParts: (tx) => partQueries.lockFileParts(tx, a.id, pictureDigest).then(() => []),
    maybeOnePicture: (tx) => pictureQueries.maybeOnePicture(tx, pictureDigest),
    maybeOneThumbnail: (tx) => pictureQueries.maybeOneThumbnail(tx, pictureDigest),
    insertThumbnail: (tx) => pictureQueries.insertThumbnail(tx, a.id, pictureDigest, nothing),
    maybeOneMemberForSignIn: (tx) =>
      memberQueries.maybeOneMemberForSignIn(tx, `nobody-${mark}@test.example`),
  };
  const queries = {
    ...entryQueries,
    ...carriedQueries,
    ...inspectionQueries,
    ...judgedQueries,
    ...memberQueries,
    ...sessionQueries,
    ...pictureQueries,
    ...partQueries,
    ...soundQueries,
    ...fileQueries,
    ...reportQueries,
    ...linkQueries,
    ...mailboxQueries,
    ...recheckQueries,
    ...importQueries,
    ...foundingQueries,
    ...peopleQueries,
    ...inviteQueries,
    ...resetQueries,
    ...passkeyQueries,
    ...erasureQueries,
    ...standingQueries,
    insertAudit: auditQueries.insertAudit,
    manyAudit: auditQueries.manyAudit,
  };

  test('is asked here', () =>
    expect(Object.keys(asked).sort()).toEqual(Object.keys(queries).sort()));

  test.each(Object.keys(asked))(
    '%s gives the second organisation nothing of the first',
    async (name) => {
      const answer = await inOrganisation(b.id, asked[name]!).catch((error: { code?: string }) => {
        if (error.code !== '42501') throw error;
        return [];
      });
      expect(answer === undefined || (Array.isArray(answer) && answer.length === 0)).toBe(true);
    },
  );
});

describe('every command', () => {
  test('gives the second organisation nothing', async () => {
    expect(await readInspection(session(b), inspection)).toBeUndefined();
    expect(await readReport(session(b), inspection)).toBeUndefined();
    // What was opened lately is kept: for those of its office alone.
    expect((await readBook(session(a), inspection)).text).toContain(secretPlace);
    expect(JSON.parse((await readBook(session(b), inspection)).text)).toMatchObject({
      entries: [],
    });
    expect(await readDraft(session(a), inspection, 'client')).toContain(secretPlace);
    expect(await readDraft(session(b), inspection, 'client')).toBeUndefined();
    expect(await exportPackage(session(b), inspection)).toBeUndefined();
    expect(await readPicture(session(b), pictureDigest)).toBeUndefined();
    expect(await readThumbnail(session(b), pictureDigest)).toBeUndefined();
    expect(await readPrintedPictures(b.id, [pictureDigest])).toEqual(new Map());
    expect(await readPictures(b.id, [pictureDigest])).toEqual([]);
    for (const wanted of [{ inspection }, { report: issuedRow.id }])
      expect(await askReportFile(b.id, { ...wanted, audience: 'client' })).toBeUndefined();
    expect(await readReportFile(b.id, fileId)).toBeUndefined();
    expect(JSON.stringify(await listInspections(session(b)))).not.toContain(secretPlace);
    expect(JSON.stringify(await listRechecked(session(a)))).toContain(secretPlace);
    expect(await listRechecked(session(b))).toEqual({ reports: [], unread: 0 });
  });

  test('the same id in both organisations is two inspections', async () => {
    const mine: Entry = { ...entry, author: b.member, facts: { name: 'Of the second' } };
    const delivered = await deliverEntries(session(b), { inspection, entries: [mine] });
    expect(delivered).toMatchObject({ ok: true, deliveries: [{ outcome: 'arrived' }] });
    const first = await readInspection(session(a), inspection);
    expect(first?.entries.map((one) => one.kind === 'add' && one.facts.name)).toEqual([
      secretPlace,
    ]);
  });
});

describe('every route of the build', () => {
  let server: RunningServer;
  const routes = Object.values(
    JSON.parse(readFileSync('.next/app-path-routes-manifest.json', 'utf8')) as Record<
      string,
      string
    >,
  ).filter((route) => !route.startsWith('/_'));

  beforeAll(async () => {
    server = await startServer(await freePort());
  });
  afterAll(() => server.kill());

  test('is known to this test', () => {
    expect([...new Set(routes)].sort()).toEqual([
      '/',
      '/account',
      '/api/account/passkeys',
      '/api/account/passkeys/options',
      '/api/account/passkeys/remove',
      '/api/account/password',
      '/api/account/profile',
      '/api/account/sessions',
      '/api/books/[id]',
      '/api/drafts/[id]',
      '/api/entries',
      '/api/instruments',
      '/api/letters/again',
      '/api/letters/trial',
      // What the asker's own office set.
      '/api/library',
      '/api/links',
      '/api/links/revoke',
      '/api/live',
      '/api/office/export.zip',
      '/api/office/forget',
      '/api/office/keeping',
      '/api/office/letterhead',
      '/api/packages',
      '/api/packages/[id]',
      '/api/people/change',
      '/api/people/deactivate',
      '/api/people/invite',
      '/api/people/reactivate',
      '/api/people/reset',
      '/api/people/revoke',
      '/api/pictures',
      '/api/reports',
      '/api/reports/verify',
      '/api/returns/[id]',
      '/api/settings',
      '/api/sounds',
      '/api/today',
      '/apple-icon.png',
      '/found/[token]',
      '/found/[token]/submit',
      // Of whoever works on the drawing: nothing is there in what is built.
      '/gallery',
      '/icon.svg',
      '/inspections/[id]/circuits',
      '/inspections/[id]/data/[file]',
      '/inspections/[id]/history',
      '/inspections/[id]/issue',
      '/inspections/[id]/judge',
      '/inspections/[id]/notes',
      '/inspections/[id]/package.zip',
      '/inspections/[id]/plan',
      '/inspections/[id]/readings',
      '/inspections/[id]/report',
      '/inspections/[id]/report.json',
      '/inspections/[id]/report.pdf',
      '/inspections/[id]/return',
      '/inspections/[id]/round.json',
      '/inspections/[id]/supply',
      '/inspections/[id]/thermal.csv',
      '/inspections/[id]/walk',
      '/issued/[report]',
      '/issued/[report]/data/[file]',
      '/issued/[report]/package.zip',
      '/issued/[report]/report.pdf',
      '/join/[token]',
      '/join/[token]/submit',
      '/library',
      '/mailbox',
      '/manifest.webmanifest',
      // Kept on a device; says nothing of anybody.
      '/no-network',
      '/office',
      '/office/deeds',
      '/office/keeping',
      '/office/letterhead',
      '/office/letters',
      '/office/people',
      '/office/running',
      '/pictures/[digest]',
      '/r/[token]',
      '/r/[token]/acknowledge',
      '/r/[token]/data/[file]',
      '/r/[token]/pictures/[digest]',
      '/r/[token]/report.pdf',
      '/reset',
      '/reset/[token]',
      '/reset/[token]/submit',
      '/reset/submit',
      '/sign-in',
      '/sign-in/passkey',
      '/sign-in/passkey/options',
      '/sign-in/submit',
      '/sign-out',
      '/sounds/[digest]',
    ]);
  });

  test.each([...new Set(routes)])(
    '%s gives the second organisation, and a stranger, nothing of the first',
    async (route) => {
      const other = await signInCookie(server.origin, b.email, 'a-long-password');
      const path = route
        .replace('[id]', inspection)
        .replace('[digest]', pictureDigest)
        .replace('[report]', issuedRow.id)
        .replace('[token]', 'g'.repeat(43))
        .replace('[file]', 'report.json')
        .replace(/^\/api\/live$/, `/api/live?inspection=${inspection}`);
      for (const cookie of [other, 'east-gate-session=guessed', ''])
        for (const method of ['GET', 'POST']) {
          const response = await fetch(server.origin + path, {
            method,
            headers: { cookie, 'content-type': 'application/json', prefer: 'wait=2' },
            redirect: 'manual',
            ...(method === 'POST' && { body: JSON.stringify({ inspection, entries: [] }) }),
          });
          const body = await response.text();
          expect(body).not.toContain(secretPlace);
          expect(body).not.toContain(
            entry.id + '","counter":1,"device":"tablet","author":"' + a.member,
          );
        }
    },
  );

  test('the first organisation does get it', async () => {
    const mine = await signInCookie(server.origin, a.email, 'a-long-password');
    const response = await fetch(`${server.origin}/inspections/${inspection}/report.json`, {
      headers: { cookie: mine },
    });
    expect(await response.text()).toContain(secretPlace);
  });

  test('a page that is the same for everybody is the same to the letter, and says nothing of anybody', async () => {
    const [first, second] = [
      await signInCookie(server.origin, a.email, 'a-long-password'),
      await signInCookie(server.origin, b.email, 'a-long-password'),
    ];
    const pageFor = async (cookie: string, path: string) => {
      const answer = await fetch(server.origin + path, { headers: { cookie } });
      const nonce = /'nonce-([^']+)'/.exec(answer.headers.get('content-security-policy')!)![1]!;
      const text = await answer.text();
      expect(text).toContain(`nonce="${nonce}"`);
      return text.replaceAll(nonce, '');
    };
    for (const view of bookViews) {
      const path = `/inspections/${inspection}/${view}`;
      const [ours, theirs] = [await pageFor(first, path), await pageFor(second, path)];
      expect(ours).toBe(theirs);
      expect(ours).toContain(inspection);
      expect(ours).not.toContain('id-of-the-inspection');
      expect(ours).not.toContain(a.member);
    }
    for (const path of ['/', '/library']) {
      const [ours, theirs] = [await pageFor(first, path), await pageFor(second, path)];
      expect(ours).toBe(theirs);
      expect(ours).not.toContain(a.member);
    }
  });

  test('a form posted from another site is refused', async () => {
    for (const path of [
      '/api/entries',
      '/api/links',
      '/api/links/revoke',
      '/api/live',
      '/api/packages',
      '/api/reports',
      '/api/reports/verify',
      `/r/${'g'.repeat(43)}/acknowledge`,
      '/api/settings',
      '/api/account/passkeys',
      '/api/account/passkeys/options',
      '/api/account/passkeys/remove',
      '/api/account/password',
      '/api/account/profile',
      '/api/account/sessions',
      '/api/letters/again',
      '/api/letters/trial',
      '/api/office/forget',
      '/api/office/keeping',
      '/api/office/letterhead',
      '/api/people/change',
      '/api/people/deactivate',
      '/api/people/invite',
      '/api/people/reactivate',
      '/api/people/reset',
      '/api/people/revoke',
      `/join/${'g'.repeat(43)}/submit`,
      '/reset/submit',
      `/reset/${'g'.repeat(43)}/submit`,
      '/sign-in/passkey',
      '/sign-in/passkey/options',
      `/found/${'g'.repeat(43)}/submit`,
      '/sign-in/submit',
      '/sign-out',
    ]) {
      const response = await fetch(server.origin + path, {
        method: 'POST',
        body: '{}',
        headers: { 'sec-fetch-site': 'cross-site' },
        redirect: 'manual',
      });
      expect(response.status).toBe(403);
    }
  });

  test('sign-in is limited for an address, and says so', async () => {
    const attempt = () =>
      fetch(`${server.origin}/sign-in/submit`, {
        method: 'POST',
        body: new URLSearchParams({ email: `guess-${mark}@test.example`, password: 'x' }),
        redirect: 'manual',
      });
    const outcomes: (string | null)[] = [];
    for (let n = 0; n < 11; n += 1) outcomes.push((await attempt()).headers.get('location'));
    expect(outcomes.slice(0, 10).every((location) => location === '/sign-in?outcome=refused')).toBe(
      true,
    );
    expect(outcomes[10]).toBe('/sign-in?outcome=too-many');
  });

  test('signing out ends the session on the server', async () => {
    const cookie = await signInCookie(server.origin, a.email, 'a-long-password');
    await fetch(`${server.origin}/sign-out`, {
      method: 'POST',
      headers: { cookie },
      redirect: 'manual',
    });
    expect(
      (
        await fetch(`${server.origin}/inspections/${inspection}/report.json`, {
          headers: { cookie },
        })
      ).status,
    ).toBe(401);
  });

  test('a package over the limit is refused before it is read', async () => {
    const cookie = await signInCookie(server.origin, a.email, 'a-long-password');
    const response = await fetch(`${server.origin}/api/packages`, {
      method: 'POST',
      headers: { cookie },
      body: Buffer.alloc(200 * 1024 * 1024),
    }).catch(() => undefined);
    if (response) {
      expect(response.status).toBe(413);
      expect(await response.text()).toContain('at most 64 MB');
    }
    expect((await fetch(`${server.origin}/sign-in`)).status).toBe(200);
  });
});

describe('import', () => {
  test('twice adds nothing, and the same bytes come out', async () => {
    const exported = await exportPackage(session(a), inspection);
    const fresh = await importPackage(
      { ...session(a), organisation: b.id, member: b.member },
      exported!.zip,
    );
    expect(fresh).toMatchObject({ ok: false });
    const again = await importPackage(session(a), exported!.zip);
    expect(again).toMatchObject({ ok: true, added: 0, already: 1, notes: [] });
    expect((await exportPackage(session(a), inspection))!.zip.equals(exported!.zip)).toBe(true);
  });
});

describe('pictures', () => {
  test('are stored once by their digest, with a small copy', async () => {
    expect(await storePicture(session(a), pictureBytes)).toEqual({
      ok: true,
      digest: pictureDigest,
    });
    expect((await readPicture(session(a), pictureDigest))?.bytes.equals(pictureBytes)).toBe(true);
    await makeThumbnail(session(a), pictureDigest);
    const small = await sharp(await readThumbnail(session(a), pictureDigest)).metadata();
    expect([small.format, small.width, small.height]).toEqual(['webp', 480, 360]);
  });

  test.each([
    ['an empty one', () => Buffer.alloc(0), /empty/],
    ['no picture at all', () => Buffer.from('%PDF-1.7 something'), /no picture that can be read/],
    ['a huge one', () => Buffer.alloc(9 * 1024 * 1024), /at most 8 MB/],
    ['a broken one', () => pictureBytes.subarray(0, 200), /no picture that can be read/],
    [
      'one that tells its place and device',
      () =>
        plainPicture(40, 30)
          .withExif({ IFD0: { Make: 'A camera' }, IFD3: { GPSLatitude: '51/1 30/1 0/1' } })
          .jpeg()
          .toBuffer(),
      /still carries data about its place or device/,
    ],
    [
      'another kind',
      () => plainPicture(4, 4).tiff().toBuffer(),
      /Expected JPEG, PNG or WebP, got tiff/,
    ],
  ])('refuses %s, with the reason', async (_, make, reason) => {
    const stored = await storePicture(session(a), await make());
    expect(stored).toEqual({ ok: false, reason: expect.stringMatching(reason) });
  });
});
