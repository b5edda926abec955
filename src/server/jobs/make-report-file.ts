import 'server-only';
import type { Sheet } from '@/core/show/report/blocks/sheet';
import type { ReportData } from '@/core/show/report/report';
import { issuedSheetOf, markOf, readIssued, sealedZip } from '../commands/issued-report';
import { readPrintedPictures } from '../commands/pictures';
import { draftOf, headed } from '../commands/read-report';
import { loadStored } from '../commands/stored-inspection';
import { inOrganisation } from '../db/connect';
import { maybeOneInspection } from '../db/inspections';
import type { ReportFileJob } from '../db/queue';
import type { ReportFileRow } from '../db/report-files';
import {
  manyReportFileFailed,
  manyReportFileMade,
  maybeOneReportFile,
  oneReportFileStep,
} from '../db/report-files';
import type { PrintedReport } from '../render/pdf/render-pdf';
import { printSteps, renderPdf } from '../render/pdf/render-pdf';

/** Makes the PDF a job asks for, telling how far it is. A file that is made stays as it is. */
export async function makeReportFile({ organisation, file: id }: ReportFileJob): Promise<void> {
  const file = await inOrganisation(organisation, (tx) => maybeOneReportFile(tx, id));
  // A draft that changed since: its file is no longer wanted.
  if (!file || file.state === 'made') return;
  const steps = printSteps + 1;
  const step = (at: number) =>
    inOrganisation(organisation, (tx) => oneReportFileStep(tx, id, at, steps));
  try {
    await step(0);
    const printed = await readPrinted(organisation, file);
    await step(1);
    const bytes = await renderPdf(printed, async (at) => void (await step(at + 1)));
    await inOrganisation(organisation, (tx) => manyReportFileMade(tx, id, bytes));
  } catch (error) {
    const fault = error instanceof Error ? error.message : String(error);
    await inOrganisation(organisation, (tx) => manyReportFileFailed(tx, id, fault));
    console.error(`report file ${id}: ${fault}`);
  }
}

async function readPrinted(organisation: string, file: ReportFileRow): Promise<PrintedReport> {
  const { audience, report_id } = file;
  if (report_id !== null) {
    const issued = await readIssued(organisation, report_id);
    if (!issued) throw new Error('The report is no longer here.');
    return {
      ...(await parts(organisation, issued.report, issuedSheetOf(issued, audience, 'paper'))),
      issued: markOf(issued),
      // The sealed package names who asked to be forgotten: it is kept for proof, not given out.
      ...(issued.erasedOn === undefined && { zip: await sealedZip(organisation, issued) }),
    };
  }
  const stored = await inOrganisation(organisation, async (tx) => {
    const row = await maybeOneInspection(tx, file.inspection_id);
    return row && loadStored(tx, row);
  });
  if (!stored) throw new Error('The inspection is no longer here.');
  const { report, sheet } = draftOf(await headed(organisation, stored), audience);
  return parts(organisation, report, sheet);
}

/** Everything of a report that is set on paper but its seal. */
async function parts(
  organisation: string,
  { place, organisation: office, asOf, photos, letterhead }: ReportData,
  sheet: Sheet,
): Promise<PrintedReport> {
  const digests = [
    ...photos.map(({ digest }) => digest),
    ...(letterhead?.logo ? [letterhead.logo.digest] : []),
  ];
  return {
    sheet,
    place,
    organisation: office,
    asOf,
    paper: letterhead?.paper ?? 'a4',
    pictures: await readPrintedPictures(organisation, digests),
  };
}
