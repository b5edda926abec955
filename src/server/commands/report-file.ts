import 'server-only';
import type { Audience } from '@/core/show/report/audience';
import { canonicalJson } from '@/core/vocabulary/canonical';
import { inOrganisation } from '../db/connect';
import { oneEntryCount } from '../db/entries';
import { maybeOneInspection } from '../db/inspections';
import { insertJob } from '../db/queue';
import type { ReportFileState } from '../db/report-files';
import {
  manyDraftFilesDropped,
  maybeAskReportFile,
  maybeOneReportFile,
  maybeOneReportFileBytes,
} from '../db/report-files';
import { maybeOneIssued } from '../db/reports';
import { oneOrganisation } from '../db/members';
import { letterheadOf } from './letterhead';
import { utcDay } from '@/core/show/report/dates';
import { maybeOneErasure } from '../db/erasures';
import { sha256Hex } from '../sha256';

/** Counted up when the same report would be set otherwise on paper. */
const setting = 3;

/** Which file: of a draft as it stands now, or of an issued report; and for whom. */
export interface WantedFile {
  inspection?: string;
  report?: string;
  audience: Audience;
}

/** Asks for the PDF: the job is put down with the file's row, or the file is there already. Undefined: no such report here. */
export function askReportFile(
  organisation: string,
  { inspection, report, audience }: WantedFile,
): Promise<ReportFileState | undefined> {
  return inOrganisation(organisation, async (tx) => {
    const issued = report === undefined ? undefined : await maybeOneIssued(tx, report);
    const of = issued?.inspection_id ?? (report === undefined ? inspection : undefined);
    const row = of === undefined ? undefined : await maybeOneInspection(tx, of);
    if (!row) return undefined;
    const erasure = await maybeOneErasure(tx, row.id);
    const made = issued
      ? {
          report: issued.id,
          digest: issued.digest,
          ...(erasure && { erased: utcDay(erasure.at) }),
        }
      : {
          inspection: row.id,
          settings: row.settings,
          letterhead: letterheadOf(await oneOrganisation(tx)) ?? null,
          ...(await oneEntryCount(tx, row.id)),
        };
    const id = sha256Hex(canonicalJson({ ...made, audience, setting }));
    const file = { id, inspection_id: row.id, report_id: issued?.id ?? null, audience };
    if (await maybeAskReportFile(tx, organisation, file)) {
      if (!issued) await manyDraftFilesDropped(tx, file);
      await insertJob(tx, 'report-file', { organisation, file: id });
    }
    return maybeOneReportFile(tx, id);
  });
}

const lookEveryMs = 120;

/** Waits until the file is made or has failed, at most this long; then how far it is. */
export async function waitForReportFile(
  organisation: string,
  id: string,
  mostMs: number,
): Promise<ReportFileState | undefined> {
  const until = Date.now() + mostMs;
  for (;;) {
    const file = await inOrganisation(organisation, (tx) => maybeOneReportFile(tx, id));
    if (!file || file.state === 'made' || file.state === 'failed' || Date.now() > until)
      return file;
    await new Promise((resolve) => setTimeout(resolve, lookEveryMs));
  }
}

export const readReportFile = async (
  organisation: string,
  id: string,
): Promise<Buffer | undefined> =>
  (await inOrganisation(organisation, (tx) => maybeOneReportFileBytes(tx, id)))?.bytes;
