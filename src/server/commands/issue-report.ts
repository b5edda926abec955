import 'server-only';
import { randomUUID } from 'node:crypto';
import * as v from 'valibot';
import type { Assessment, InspectionPackage } from '@/core';
import { anySettingsSchema, assess, composeReport, readReportData } from '@/core';
import { canonicalJson } from '@/core/vocabulary/canonical';
import { describeFault, faultsOf } from '@/core/vocabulary/fault';
import { compareWithIssued } from '@/core/show/report/closing';
import { asOfDay, dayAt, dayWords } from '@/core/show/report/dates';
import { wholeRecord } from '@/core/show/report/record';
import { composeText } from '@/core/show/report/sheets';
import { issueCheck, mayIssue } from '@/core/show/report/issue-check';
import type { ReportData } from '@/core/show/report/report';
import { inOrganisation } from '../db/connect';
import type { Transaction } from '../db/connect';
import { maybeOneInspectionLocked } from '../db/inspections';
import { oneOrganisation } from '../db/members';
import type { IssuedRow } from '../db/reports';
import { insertIssued, manyIssuedOf, maybeOneIssued, oneNextNumber } from '../db/reports';
import { packageOf } from '../package-file';
import { insertAudit } from '../db/audit';
import type { Session } from '../session';
import { demand } from '../session';
import { sha256Hex } from '../sha256';
import { letterheadOf } from './letterhead';
import { isOwnPassword } from './own-password';
import { asRead, loadStored, materialise, numberWords } from './stored-inspection';

const issueSchema = v.object({
  kind: v.picklist(['report', 'closing']),
  /** Asked again: a signature is its signer’s own, not that of whoever finds the device open. */
  password: v.pipe(v.string(), v.minLength(1, 'your password'), v.maxLength(500)),
  /** What a revision changes. */
  changes: v.pipe(v.string(), v.trim(), v.maxLength(2000)),
});

export type Issued =
  | { ok: true; id: string; number: string; revision: number; digest: string }
  | { ok: false; faults: string[] };

/**
 * Issues the report of an inspection: numbered, signed and sealed with the exact entries, settings
 * and rule book. A report that was issued before gets a revision, which says what changed; the old
 * one stays. Undefined: there is no such inspection here.
 */
export async function issueReport(
  session: Session,
  inspection: string,
  input: unknown,
  now: Date,
): Promise<Issued | undefined> {
  demand(session, 'issue');
  const parsed = v.safeParse(issueSchema, input);
  if (!parsed.success) return { ok: false, faults: faultsOf(parsed.issues).map(describeFault) };
  const { kind, password, changes } = parsed.output;
  const own = await isOwnPassword(session, password);
  if (!own.ok) return { ok: false, faults: [own.fault] };
  const { name: signedName, licence } = session;
  return inOrganisation(session.organisation, async (tx) => {
    const row = await maybeOneInspectionLocked(tx, inspection);
    if (!row) return undefined;
    const organisation = await oneOrganisation(tx);
    const office = v.parse(anySettingsSchema, organisation.settings);
    const letterhead = letterheadOf(organisation);
    const issuedOn = dayAt(now, office.timeZone);
    const { licenceExpires } = session;
    if (licenceExpires !== undefined && licenceExpires < issuedOn)
      return {
        ok: false,
        faults: [
          `Your licence expired on ${dayWords(licenceExpires, letterhead?.dates)}: nothing is signed with it. Where it was renewed, write its new last day into your account.`,
        ],
      };
    const stored = await loadStored(tx, row);
    const read = asRead(stored);
    const assessment = assess(read.entries, read.settings);
    const lines = issueCheck(assessment);
    if (!mayIssue(lines))
      return {
        ok: false,
        faults: lines
          .filter(({ state }) => state === 'stops')
          .map(({ title, says }) => `${title}: ${says.join('; ')}`),
      };
    const before = await manyIssuedOf(tx, inspection);
    // Of several asked for at once the clock says nothing of their order: the revision does.
    const last = before
      .filter((one) => one.kind === kind)
      .sort((a, b) => b.revision - a.revision)[0];
    if (last && !changes) return { ok: false, faults: ['A revision says what changed.'] };
    const closes = kind === 'closing' ? await reportToClose(tx, before) : undefined;
    if (kind === 'closing' && !closes)
      return { ok: false, faults: ['A closing report needs an issued report to close.'] };
    const composed = composeReport(assessment, {
      inspection,
      asOf: asOfDay(read.entries, now),
      authors: read.authors,
      ...(letterhead && { letterhead }),
    });
    const closed: ReportData = closes
      ? {
          ...composed,
          closing: {
            of: closes.number,
            ...compareWithIssued(closes.report, assessment, closes.then),
          },
        }
      : composed;
    const id = randomUUID();
    const number = last?.number ?? (await oneNextNumber(tx, Number(issuedOn.slice(0, 4))));
    const revision = last ? last.revision + 1 : 0;
    const report: ReportData = {
      ...closed,
      text: composeText({
        report: closed,
        site: assessment.site,
        signed: {
          number: numberWords({ number, revision }),
          changes,
          signedName,
          licence,
          issuedOn,
        },
        record: wholeRecord(read.entries, read.authors, assessment, read.carried),
      }),
    };
    const sealed = canonicalJson(
      packageOf(
        stored,
        assessment.site.name,
        now,
        {
          number,
          revision,
          kind,
          changes,
          signedName,
          licence,
          on: issuedOn,
          report: reportDigest(report),
        },
        letterhead ?? null,
      ),
    );
    const digest = sha256Hex(sealed);
    await insertIssued(tx, session.organisation, {
      id,
      inspection_id: inspection,
      number,
      revision,
      revises: last?.id ?? null,
      kind,
      changes,
      issued_at: now,
      issued_on: issuedOn,
      issued_by: session.member,
      signed_name: signedName,
      licence,
      digest,
      package: sealed,
      report,
      entries: stored.entries.length,
    });
    await materialise(tx, session.organisation, stored);
    await insertAudit(tx, session, 'report-issued', numberWords({ number, revision }));
    return { ok: true as const, id, number, revision, digest };
  });
}

async function reportToClose(
  tx: Transaction,
  before: readonly IssuedRow[],
): Promise<{ number: string; report: ReportData; then: Assessment } | undefined> {
  const last = before.find(({ kind }) => kind === 'report');
  const whole = last && (await maybeOneIssued(tx, last.id));
  if (!whole) return undefined;
  const { entries, settings } = JSON.parse(whole.package) as InspectionPackage;
  return {
    number: whole.number,
    report: readReportData(whole.report),
    // Today's rules on the facts of that day tell what work mended from what the rules see otherwise.
    then: assess(entries, settings),
  };
}

/** SHA-256 of a composed report, as it is sealed with its package. */
export const reportDigest = (report: unknown): string =>
  sha256Hex(canonicalJson(JSON.parse(JSON.stringify(report))));
