import { readdirSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import type { Permission } from '@/core/vocabulary/permission';
import { permissions, roles } from '@/core/vocabulary/permission';
import { addPasskey, passkeyToAdd, removePasskey } from '@/server/commands/passkeys';
import {
  changePassword,
  changeProfile,
  endOwnSession,
  readAccount,
} from '@/server/commands/account';
import { listAudit } from '@/server/commands/audit';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { invite, revokeInvite } from '@/server/commands/invite';
import { issueReport } from '@/server/commands/issue-report';
import { listIssued } from '@/server/commands/issued-report';
import { beginImport, readImport } from '@/server/commands/large-import';
import { exportOffice } from '@/server/commands/export-office';
import { forgetClient, proposedKeeping, readKeeping, saveKeeping } from '@/server/commands/keeping';
import { readRunning } from '@/server/commands/running';
import { readLetterhead, saveLetterhead } from '@/server/commands/letterhead';
import { plainLetterhead } from '@/core/codes/settings/letterhead';
import { listLetters, sendAgain, sendTrial } from '@/server/commands/letters';
import { listLinks, revokeLink, sendReport } from '@/server/commands/links';
import {
  changeMember,
  deactivateMember,
  listPeople,
  reactivateMember,
} from '@/server/commands/people';
import {
  makeThumbnail,
  readPicture,
  readThumbnail,
  storePicture,
} from '@/server/commands/pictures';
import { storeFilePart } from '@/server/commands/file-part';
import { readSound, storeSound } from '@/server/commands/sounds';
import {
  listDue,
  listInspections,
  listRechecked,
  readInspection,
  readSettings,
  readOffice,
  readToday,
} from '@/server/commands/read-inspection';
import { holdInstrument, takeThermalPicture, walkRound } from '@/server/commands/read-instrument';
import type { Opened } from '@/core/record/package/opened';
import { readArrived } from '@/server/commands/read-arrived';
import { readBook } from '@/server/commands/read-book';
import { readDraft, readReport } from '@/server/commands/read-report';
import { makeReset } from '@/server/commands/reset-password';
import { saveSettings } from '@/server/commands/save-settings';
import { exportPackage, importPackage } from '@/server/commands/transfer-package';
import { verifyReport } from '@/server/commands/verify-report';
import { closePool } from '@/server/db/connect';
import type { Session } from '@/server/session';
import { NotAllowed } from '@/server/session';
import type { TestOffice } from './office';
import { seedOffices, siteEntry, word } from './office';

jest.setTimeout(120_000);
const origin = 'http://127.0.0.1:3000';

interface Command {
  /** What whoever calls it must be allowed; undefined: everybody of the office may. */
  needs: Permission | undefined;
  /** Or this. */
  or?: Permission;
  /** With what is the first office's; whoever belongs to the other gets nothing by it. */
  call(session: Session, first: First): Promise<unknown>;
  /** Touches nothing but the caller's own. */
  own?: true;
}
interface First {
  inspection: string;
  member: string;
  digest: string;
}

/** The table: every command that takes a session, and who may. */
const commands: Record<string, Command> = {
  deliverEntries: {
    needs: 'record',
    call: (session, { inspection }) => deliverEntries(session, { inspection, entries: [] }),
    own: true,
  },
  storePicture: {
    needs: 'record',
    or: 'library',
    call: (session) => storePicture(session, Buffer.alloc(0)),
    own: true,
  },
  storeFilePart: {
    needs: 'record',
    or: 'library',
    call: (session) => storeFilePart(session, {}, Buffer.alloc(0), storePicture),
    own: true,
  },
  storeSound: {
    needs: 'record',
    call: (session) => storeSound(session, Buffer.alloc(0)),
    own: true,
  },
  importPackage: {
    needs: 'record',
    call: (session) => importPackage(session, Buffer.from('no zip')),
    own: true,
  },
  beginImport: {
    needs: 'record',
    call: (session) => beginImport(session, Buffer.from('no zip')),
    own: true,
  },
  issueReport: {
    needs: 'issue',
    call: (session, { inspection }) =>
      issueReport(session, inspection, { kind: 'report', password: word, changes: '' }, new Date()),
  },
  sendReport: {
    needs: 'issue',
    call: (session) =>
      sendReport(session, { report: 'none', to: 'x@test.example', days: 1 }, origin),
  },
  revokeLink: { needs: 'issue', call: (session) => revokeLink(session, 'none') },
  saveSettings: {
    needs: 'library',
    call: async (session) => saveSettings(session, { ...(await readSettings(session)) }),
    own: true,
  },
  readLetterhead: { needs: undefined, call: readLetterhead, own: true },
  saveLetterhead: {
    needs: 'library',
    call: (session) => saveLetterhead(session, { letterhead: plainLetterhead, version: 999 }),
    own: true,
  },
  exportOffice: {
    needs: 'people',
    call: async (session) => {
      (await exportOffice(session)).zip.destroy();
    },
    own: true,
  },
  readKeeping: { needs: 'people', call: readKeeping, own: true },
  saveKeeping: {
    needs: 'people',
    call: (session) => saveKeeping(session, proposedKeeping),
    own: true,
  },
  forgetClient: {
    needs: 'people',
    call: (session, { inspection }) => forgetClient(session, { inspection }),
  },
  readRunning: { needs: 'people', call: namesOf(readRunning) },
  listPeople: { needs: 'people', call: namesOf(listPeople) },
  listAudit: { needs: 'people', call: namesOf(listAudit) },
  listLetters: { needs: 'people', call: namesOf(listLetters) },
  changeMember: {
    needs: 'people',
    call: (session, { member }) =>
      changeMember(session, {
        member,
        name: 'Member 00',
        licence: '',
        licenceExpires: '',
        scope: null,
        may: [...permissions],
      }),
  },
  deactivateMember: {
    needs: 'people',
    call: (session, { member }) => deactivateMember(session, { member, draftsTo: member }),
  },
  reactivateMember: {
    needs: 'people',
    call: (session, { member }) => reactivateMember(session, { member }),
  },
  makeReset: {
    needs: 'people',
    call: (session, { member }) => makeReset(session, { member }, origin),
  },
  invite: {
    needs: 'people',
    call: (session) =>
      invite(session, { email: `i-${randomUUID()}@test.example`, may: [] }, origin),
    own: true,
  },
  revokeInvite: { needs: 'people', call: (session) => revokeInvite(session, { invite: 'none' }) },
  sendAgain: { needs: 'people', call: (session) => sendAgain(session, { letter: 'none' }) },
  sendTrial: {
    needs: 'people',
    call: (session) => sendTrial(session, { to: 'x@test.example' }),
    own: true,
  },

  readAccount: { needs: undefined, call: readAccount, own: true },
  changeProfile: {
    needs: undefined,
    call: ({ ...session }) =>
      changeProfile(session, { name: session.name, licence: '', licenceExpires: '' }),
    own: true,
  },
  changePassword: {
    needs: undefined,
    call: (session) => changePassword(session, { password: word, wanted: word }),
    own: true,
  },
  endOwnSession: {
    needs: undefined,
    call: (session) => endOwnSession(session, { session: 'others' }),
    own: true,
  },
  passkeyToAdd: { needs: undefined, call: (session) => passkeyToAdd(session, origin), own: true },
  addPasskey: { needs: undefined, call: (session) => addPasskey(session, {}, origin), own: true },
  removePasskey: {
    needs: undefined,
    call: (session) => removePasskey(session, { passkey: 'none' }),
  },
  readInspection: {
    needs: undefined,
    call: (session, { inspection }) => readInspection(session, inspection),
  },
  listInspections: { needs: undefined, call: namesOf(listInspections) },
  readToday: { needs: undefined, call: namesOf((session) => readToday(session, '', '2030-01-01')) },
  listDue: { needs: undefined, call: (session) => listDue(session, '2030-01-01') },
  listRechecked: { needs: undefined, call: namesOf(listRechecked) },
  readSettings: { needs: undefined, call: readSettings, own: true },
  readOffice: { needs: undefined, call: readOffice, own: true },
  readReport: {
    needs: undefined,
    call: (session, { inspection }) => readReport(session, inspection),
  },
  readBook: {
    needs: undefined,
    call: async (session, { inspection }) => {
      const { entries } = JSON.parse((await readBook(session, inspection)).text) as Opened;
      return entries.length === 0 ? undefined : entries;
    },
  },
  readArrived: {
    needs: undefined,
    call: async (session, { inspection }) => {
      const { entries } = await readArrived(session, inspection, 0);
      return entries.length === 0 ? undefined : entries;
    },
  },
  readDraft: {
    needs: undefined,
    call: (session, { inspection }) => readDraft(session, inspection, 'client'),
  },
  exportPackage: {
    needs: undefined,
    call: (session, { inspection }) => exportPackage(session, inspection),
  },
  readImport: { needs: undefined, call: (session) => readImport(session, 'none') },
  listIssued: {
    needs: undefined,
    call: (session, { inspection }) => listIssued(session, inspection),
  },
  listLinks: {
    needs: undefined,
    call: (session, { inspection }) => listLinks(session, inspection),
  },
  verifyReport: { needs: undefined, call: (session) => verifyReport(session, 'none', 'x') },
  readPicture: { needs: undefined, call: (session, { digest }) => readPicture(session, digest) },
  readSound: { needs: undefined, call: (session) => readSound(session, '0'.repeat(64)) },
  readThumbnail: {
    needs: undefined,
    call: (session, { digest }) => readThumbnail(session, digest),
  },
  makeThumbnail: {
    needs: undefined,
    call: (session, { digest }) => makeThumbnail(session, digest),
  },
  holdInstrument: {
    needs: undefined,
    call: (session, { inspection }) =>
      holdInstrument(session, inspection, { about: 'site', property: 'x' }, false),
  },
  takeThermalPicture: {
    needs: undefined,
    call: (session, { inspection }) => takeThermalPicture(session, inspection, 'x'),
  },
  walkRound: {
    needs: undefined,
    call: (session, { inspection }) => walkRound(session, inspection, 'x'),
  },
};

/** Commands before anybody is signed in, and parts of commands: by a link, a password, an id of their own. */
const withoutSession = [
  ...[
    'failedBy',
    'countsOf',
    'figuresIn',
    'wordsOf',
    'followedFromStart',
    'followedOn',
    'keepFollowed',
    'writeState',
  ],
  ...[
    'canHavePasskeys',
    'acceptInvite',
    'acknowledge',
    'askReportFile',
    'askReset',
    'beginSession',
    'findInvite',
  ],
  ...[
    'findReset',
    'findSession',
    'wasEnded',
    'foundOffice',
    'isFoundingOpen',
    'openLink',
    'passkeyToSignIn',
  ],
  ...[
    'readIssued',
    'readPictures',
    'readSounds',
    'readPrintedPictures',
    'readReportFile',
    'signIn',
    'signInByPasskey',
  ],
  ...['signOut', 'resetPassword', 'waitForReportFile', 'isOwnPassword'],
  ...[
    'asBuffer',
    'asRead',
    'checkPicture',
    'checkSound',
    'deedWords',
    'draftOf',
    'failed',
    'figuresOf',
    'isToken',
  ],
  ...[
    'headed',
    'letterheadOf',
    'keepingOf',
    'issuedDay',
    'issuedSheetOf',
    'loadStored',
    'makePrintedPicture',
    'markOf',
    'materialise',
  ],
  ...[
    'newToken',
    'numberWords',
    'queryOf',
    'reportDigest',
    'reportOf',
    'sealedZip',
    'shownPicture',
    'words',
  ],
];

/** What a list names of the first office: its first member. */
function namesOf(list: (session: Session) => Promise<unknown>) {
  return async (session: Session, { member }: First) => {
    return JSON.stringify(await list(session)).includes(member) ? 'named' : [];
  };
}

let first: TestOffice;
let other: TestOffice;
let things: First;
beforeAll(async () => {
  [first, other] = (await seedOffices(2, 2)) as [TestOffice, TestOffice];
  const inspection = `allowed-${randomUUID()}`;
  await deliverEntries(first.session(0), {
    inspection,
    entries: [siteEntry(first.members[0]!.id)],
  });
  things = { inspection, member: first.members[0]!.id, digest: 'f'.repeat(64) };
});
afterAll(closePool);

const as = (may: readonly Permission[]): Session => ({ ...first.session(1), may });

describe('who may', () => {
  test('every command stands in the table', async () => {
    const files = readdirSync('src/server/commands').filter((name) => !name.endsWith('.test.ts'));
    const named = await Promise.all(
      files.map(async (file) =>
        Object.entries((await import(`@/server/commands/${file.slice(0, -3)}`)) as object)
          .filter(([, value]) => typeof value === 'function')
          .map(([name]) => name),
      ),
    );
    expect(named.flat().sort()).toEqual([...Object.keys(commands), ...withoutSession].sort());
  });

  const sets: [string, readonly Permission[]][] = [
    ...Object.entries(roles).map(([name, { may }]): [string, readonly Permission[]] => [name, may]),
    ...permissions.map((one): [string, readonly Permission[]] => [`only ${one}`, [one]]),
  ];
  describe.each(sets)('as %s', (_, may) => {
    test.each(Object.entries(commands))('%s', async (name, { needs, or, call }) => {
      const refused = await call(as(may), things).then(
        () => false,
        (error: unknown) => {
          if (error instanceof NotAllowed) return true;
          throw error;
        },
      );
      expect({ name, refused }).toEqual({
        name,
        refused: needs !== undefined && !may.includes(needs) && !(or && may.includes(or)),
      });
    });
  });
});

describe('another office', () => {
  test.each(Object.entries(commands).filter(([, { own }]) => !own))(
    '%s gives its manager nothing of the first',
    async (_, { call }) => {
      const answer = await call(other.session(0), things);
      const nothing =
        answer === undefined ||
        answer === false ||
        (Array.isArray(answer) && answer.length === 0) ||
        (typeof answer === 'object' && answer !== null && 'absent' in answer);
      expect({ answer: nothing ? 'nothing' : answer }).toEqual({ answer: 'nothing' });
    },
  );
});

describe('overruling a grade', () => {
  const overruling = (author: string) =>
    siteEntry(author, {
      thing: `ruling-${randomUUID()}`,
      type: 'ruling',
      in: 'site',
      facts: { finding: 'breaker/double-tap|d1', overruledTo: 'plan', overruleReason: 'Seen so.' },
    } as never);

  test.each([
    ['an inspector', roles.inspector.may, 'arrived'],
    ['an assistant', roles.assistant.may, 'refused'],
  ])('by %s: %s', async (_, may, outcome) => {
    const session = as(may);
    const entry = overruling(session.member);
    const delivered = await deliverEntries(session, {
      inspection: things.inspection,
      entries: [entry],
    });
    expect(delivered).toMatchObject({ ok: true, deliveries: [{ id: entry.id, outcome }] });
  });

  test('an assistant takes back no overruling of another; what he records beside it arrives', async () => {
    const lead = first.session(0);
    const entry = overruling(lead.member);
    await deliverEntries(lead, { inspection: things.inspection, entries: [entry] });
    const session = as(roles.assistant.may);
    const undo = {
      ...siteEntry(session.member),
      kind: 'undo',
      undoes: entry.action,
    } as Record<string, unknown>;
    for (const part of ['thing', 'type', 'in', 'facts', 'certainty']) delete undo[part];
    const note = siteEntry(session.member, {
      thing: `n-${randomUUID()}`,
      type: 'note',
      in: 'site',
      facts: {},
    } as never);
    const delivered = await deliverEntries(session, {
      inspection: things.inspection,
      entries: [undo, note],
    });
    expect(delivered).toMatchObject({
      ok: true,
      deliveries: [
        { outcome: 'refused', reason: 'its author may not overrule grades in this office' },
        { outcome: 'arrived' },
      ],
    });
  });
});
