import 'server-only';
import { LRUCache } from 'lru-cache';
import type { InspectionPackage } from '@/core';
import { assess, parsePackage, readReportData } from '@/core';
import { entriesWithout, personalTexts, without } from '@/core/record/erased';
import { picturesOf } from '@/core/record/package/pictures-named';
import type { Audience } from '@/core/show/report/audience';
import type { Block } from '@/core/show/report/blocks/block';
import type { Sheet, Signed } from '@/core/show/report/blocks/sheet';
import { dayWords, utcDay } from '@/core/show/report/dates';
import { recordAsIssued } from '@/core/show/report/record';
import type { ReportData } from '@/core/show/report/report';
import { issuedSheet } from '@/core/show/report/sheets';
import { describeFault } from '@/core/vocabulary/fault';
import { inOrganisation } from '../db/connect';
import { maybeOneErasure } from '../db/erasures';
import type { IssuedRow, IssuedWhole } from '../db/reports';
import { manyIssuedOf, maybeOneIssued } from '../db/reports';
import { writePackage } from '../package-file';
import type { Session } from '../session';
import { readPictures } from './pictures';
import type { StoredInspection } from './stored-inspection';
import { asRead, issuedDay, numberWords } from './stored-inspection';

/** An issued report with what it was made from. */
export interface IssuedReport {
  row: IssuedWhole;
  report: ReportData;
  stored: StoredInspection;
  /** YYYY-MM-DD on which the client's personal data was removed from what is shown; undefined: it was not. */
  erasedOn: string | undefined;
}

/** Reports issued of an inspection, the latest first. */
export const listIssued = (session: Session, inspection: string): Promise<IssuedRow[]> =>
  inOrganisation(session.organisation, (tx) => manyIssuedOf(tx, inspection));

/** The sealed package as a zip, with the pictures its entries name. */
export async function sealedZip(
  organisation: string,
  { row }: Pick<IssuedReport, 'row'>,
): Promise<Buffer> {
  const document = JSON.parse(row.package) as InspectionPackage;
  return writePackage(document, await readPictures(organisation, picturesOf(document)));
}

/** What a reader of an issued report is shown: what was sealed, nothing composed anew. */
export const issuedSheetOf = (
  issued: IssuedReport,
  audience: Audience,
  medium: 'screen' | 'paper',
): Sheet => {
  const sheet = issuedSheet(
    issued.report,
    audience,
    medium,
    () => {
      const { entries, authors, settings } = asRead(issued.stored);
      const assessment = assess(entries, settings);
      return {
        site: assessment.site,
        signed: markOf(issued),
        record: recordAsIssued(entries, authors, assessment),
      };
    },
    issued.row.digest,
  );
  return issued.erasedOn === undefined
    ? sheet
    : { ...sheet, blocks: [erasedBlock(issued), ...sheet.blocks] };
};

/** Number, signature and seal of an issued report. */
export const markOf = ({ row }: Pick<IssuedReport, 'row'>): Signed & { digest: string } => ({
  number: numberWords(row),
  changes: row.changes,
  signedName: row.signed_name,
  licence: row.licence,
  issuedOn: issuedDay(row),
  digest: row.digest,
});

/** An issued report of the asker's organisation, or none. */
export function readIssued(organisation: string, id: string): Promise<IssuedReport | undefined> {
  return inOrganisation(organisation, async (tx) => {
    const row = await maybeOneIssued(tx, id);
    if (!row) return undefined;
    const erasure = await maybeOneErasure(tx, row.inspection_id);
    const whole = sealedOf(row);
    return erasure ? withoutClient(whole, utcDay(erasure.at)) : whole;
  });
}

/** Sealed packages read lately, by their digests: what is sealed never changes. */
const sealed = new LRUCache<string, Omit<IssuedReport, 'row'>>({ max: 40 });

function sealedOf(row: IssuedWhole): IssuedReport {
  const known = sealed.get(row.digest);
  if (known) return { row, ...known };
  const { row: _, ...read } = readSealed(row);
  sealed.set(row.digest, read);
  return { row, ...read };
}

function readSealed(row: IssuedWhole): IssuedReport {
  const parsed = parsePackage(row.package);
  if (!parsed.ok) throw new Error(`Sealed package ${row.id}: ${describeFault(parsed.faults[0]!)}`);
  const { inspection, settings, authors, entries, carried } = parsed.value;
  return {
    row,
    report: readReportData(row.report),
    stored: { id: inspection.id, settings, authors, entries, carried },
    erasedOn: undefined,
  };
}

/** A report as it is shown after its client asked to be forgotten. What was sealed stays as it is. */
function withoutClient({ row, report, stored }: IssuedReport, erasedOn: string): IssuedReport {
  const texts = personalTexts(stored.entries);
  return {
    row,
    report: without(report, texts),
    stored: { ...stored, entries: entriesWithout(stored.entries) },
    erasedOn,
  };
}

/** Stands above what is shown of it. */
const erasedBlock = ({ erasedOn, report }: IssuedReport): Block => ({
  kind: 'paragraph',
  words: [
    {
      text: `The client asked to be forgotten: since ${dayWords(erasedOn!, report.letterhead?.dates)} what named them is not shown in this report, and marked where it stood. Nothing else was changed. The seal is of the report as it was signed.`,
      weight: 'strong',
    },
  ],
});
