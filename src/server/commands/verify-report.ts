import 'server-only';
import type { Assessment } from '@/core';
import { assess, readReportData } from '@/core';
import { canonicalJson } from '@/core/vocabulary/canonical';
import type { InspectionPackage, IssuedSeal } from '@/core';
import { sealOf, verifyText } from '@/core/record/package/seal';
import { compareWithIssued, itemWords } from '@/core/show/report/closing';
import { gradeWords } from '@/core/vocabulary/grade';
import { broughtLines, wholeRecord } from '@/core/show/report/record';
import { composeText } from '@/core/show/report/sheets';
import type { ReportData } from '@/core/show/report/report';
import { picturesOf } from '@/core/record/package/pictures-named';
import { soundsNamed } from '@/core/record/package/sounds-named';
import { inOrganisation } from '../db/connect';
import type { Transaction } from '../db/connect';
import type { Entry } from '@/core/record/entries/entry';
import { entriesWithout } from '@/core/record/erased';
import { maybeOneErasure } from '../db/erasures';
import { manyPictures } from '../db/pictures';
import { manySounds } from '../db/sounds';
import { manyEntries } from '../db/entries';
import type { IssuedWhole } from '../db/reports';
import { maybeOneIssued } from '../db/reports';
import { ruleBookDigest, yardstickDigest } from '../package-file';
import type { Session } from '../session';
import { sha256Hex } from '../sha256';
import { reportDigest } from './issue-report';
import { asRead, issuedDay, numberWords } from './stored-inspection';
import { reportOf } from './read-report';

export interface Verification {
  /** The sealed package, the entries as they stand in the store, and the digest are one. */
  sealed: boolean;
  differences: string[];
  /** What today's rules say otherwise of the sealed entries. */
  otherwise: string[];
  /** What came in packages, and who brought it. */
  brought: string[];
  /** Entries that arrived after issue and await a revision. */
  since: number;
}

/** Holds an issued report against the digest printed on it, entry by entry. Undefined: not here. */
export function verifyReport(
  session: Session,
  id: string,
  printed: string,
): Promise<Verification | undefined> {
  return inOrganisation(session.organisation, async (tx) => {
    const row = await maybeOneIssued(tx, id);
    if (!row) return undefined;
    const differences: string[] = [];
    if (printed.trim().toLowerCase() !== row.digest)
      differences.push('The digest given is not the one this report was sealed with.');
    const stands = verifyText(row.package, row.digest, undefined, sha256Hex);
    if (stands.answer === 'differs')
      differences.push(`The sealed package: ${stands.differences.join('; ')}.`);
    const document = JSON.parse(row.package) as InspectionPackage;
    const sealed = sealOf(document, sha256Hex).entries;
    const erased = (await maybeOneErasure(tx, row.inspection_id)) !== undefined;
    const now = new Map(
      (await manyEntries(tx, row.inspection_id)).map(({ body }) => {
        const entry = body as Entry;
        // Sealed after a client was forgotten, an entry says so where it named him.
        const shown = erased ? entriesWithout([entry]) : [];
        return [entry.id, [entry, ...shown].map((one) => sha256Hex(canonicalJson(one)))] as const;
      }),
    );
    for (const [entry, hash] of Object.entries(sealed))
      if (!now.has(entry)) differences.push(`Entry ${entry} is no longer in the store.`);
      else if (!now.get(entry)!.includes(hash))
        differences.push(
          `Entry ${entry} in the store is not the one sealed: ${placeOf(document, entry)}.`,
        );
    differences.push(
      ...signedOtherwise(row, document),
      ...composedOtherwise(row, document),
      ...(await picturesOtherwise(tx, document)),
      ...(await soundsOtherwise(tx, document)),
    );
    return {
      sealed: differences.length === 0,
      differences,
      otherwise: otherwiseNow(readReportData(row.report), document),
      brought: broughtLines((document as Partial<InspectionPackage>).carried ?? null),
      since: [...now.keys()].filter((entry) => !(entry in sealed)).length,
    };
  });
}

/** Pictures that an entry names and that are not there, or not the same. */
async function picturesOtherwise(tx: Transaction, document: InspectionPackage): Promise<string[]> {
  const named = picturesOf(document);
  return filesOtherwise('Photo', named, await manyPictures(tx, named));
}

/** Spoken notes that an entry names and that are not there, or not the same. */
async function soundsOtherwise(tx: Transaction, { entries }: InspectionPackage): Promise<string[]> {
  const named = soundsNamed(entries);
  return filesOtherwise('Spoken note', named, await manySounds(tx, named));
}

function filesOtherwise(
  what: string,
  named: readonly string[],
  here: readonly { digest: string; bytes: Buffer }[],
): string[] {
  const stored = new Map(here.map(({ digest, bytes }) => [digest, sha256Hex(bytes)]));
  return named
    .filter((digest) => stored.get(digest) !== digest)
    .map((digest) =>
      stored.has(digest)
        ? `${what} ${digest} in the store is not the one an entry names.`
        : `${what} ${digest} is not in the store.`,
    );
}

/** What stands beside the report in the store and is not what was signed. */
function signedOtherwise(row: IssuedWhole, { issued }: InspectionPackage): string[] {
  if (!issued) return [];
  const stands: Omit<IssuedSeal, 'report'> = {
    number: row.number,
    revision: row.revision,
    kind: row.kind,
    changes: row.changes,
    signedName: row.signed_name,
    licence: row.licence,
    on: issuedDay(row),
  };
  return (Object.keys(stands) as (keyof typeof stands)[])
    .filter((part) => stands[part] !== issued[part])
    .map(
      (part) =>
        `Signed with ${signedWords[part]} “${issued[part]}”; the store says “${stands[part]}”.`,
    );
}

const signedWords: Record<Exclude<keyof IssuedSeal, 'report'>, string> = {
  number: 'the number',
  revision: 'the revision',
  kind: 'the kind',
  changes: 'the changes',
  signedName: 'the name',
  licence: 'the licence',
  on: 'the day',
};

/**
 * Whether the stored report is the one signed; the parts that differ are named where the rule book is
 * still the same. The composed text of packages of the first version was not sealed.
 */
function composedOtherwise(row: IssuedWhole, document: InspectionPackage): string[] {
  const { settings, entries, authors, inspection, ruleBook, yardstick, issued } = document;
  // Packages of before do not name what was brought.
  const carried = (document as Partial<InspectionPackage>).carried ?? null;
  if (!issued || reportDigest(row.report) === issued.report) return [];
  const sameRules =
    ruleBook.digest === ruleBookDigest() && yardstick.digest === yardstickDigest(settings);
  const { report: composed, assessment } = reportOf({
    id: inspection.id,
    settings,
    authors,
    entries,
    carried,
    ...((document as Partial<InspectionPackage>).letterhead && {
      letterhead: document.letterhead!,
    }),
  });
  const stored = readReportData(row.report);
  const text = composeText({
    report: { ...composed, ...(stored.closing && { closing: stored.closing }) },
    site: assessment.site,
    signed: {
      number: numberWords(issued),
      changes: issued.changes,
      signedName: issued.signedName,
      licence: issued.licence,
      issuedOn: issued.on,
    },
    record: recordOf({ entries, authors, carried }, assessment),
  });
  const report: ReportData = { ...composed, ...(stored.text && { text }) };
  const plain = (value: unknown) => canonicalJson(JSON.parse(JSON.stringify(value ?? null)));
  const differing = (Object.keys({ ...report, ...stored }) as (keyof ReportData)[]).filter(
    (part) => sameRules && part !== 'closing' && plain(report[part]) !== plain(stored[part]),
  );
  return differing.length > 0
    ? differing.map((part) => `The report's ${part} is not what was signed.`)
    : ['The report is not the one that was signed.'];
}

/** The whole record as it was sealed: everybody under a name of his own. */
function recordOf(
  stored: Pick<InspectionPackage, 'entries' | 'authors' | 'carried'>,
  assessment: Assessment,
) {
  const { entries, authors, carried } = asRead(stored);
  return wholeRecord(entries, authors, assessment, carried);
}

function placeOf({ entries }: InspectionPackage, id: string): string {
  const entry = entries.find((one) => one.id === id);
  if (!entry) return 'unknown';
  const about =
    entry.kind === 'add' ? entry.thing : entry.kind === 'observe' ? entry.about : entry.undoes;
  const facts = 'facts' in entry ? Object.keys(entry.facts).join(', ') : '';
  return [`about ${about}`, facts].filter(Boolean).join(', ');
}

/** What the rules of today make of the sealed entries, where it is not what the report says. */
function otherwiseNow(report: ReportData, { entries, settings }: InspectionPackage): string[] {
  const now = assess(entries, settings);
  const { items, fresh } = compareWithIssued(report, now, now);
  return [
    ...items
      .filter(({ now }) => now !== 'still-found')
      .map(
        ({ title, place, nowWords, now }) => `${title}, ${place}: ${nowWords || itemWords[now]}`,
      ),
    ...fresh.map(
      ({ title, place, grade }) => `${title}, ${place}: found now, ${gradeWords[grade]}`,
    ),
  ];
}
