import 'server-only';
import type { Audience } from '@/core/show/report/audience';
import type { Transaction } from './connect';
import { many, maybeOne, one } from './rows';

/** How far a file is. */
export interface ReportFileState {
  id: string;
  state: 'waiting' | 'making' | 'made' | 'failed';
  step: number;
  steps: number;
  fault: string;
}

export interface ReportFileRow extends ReportFileState {
  inspection_id: string;
  report_id: string | null;
  audience: Audience;
}

/** Adds the file unless it is there; one that failed, or that nobody made for a quarter of an hour, is asked for anew. No row: nothing is to be made. */
export const maybeAskReportFile = (
  tx: Transaction,
  organisation: string,
  file: Pick<ReportFileRow, 'id' | 'inspection_id' | 'report_id' | 'audience'>,
) =>
  maybeOne<{ id: string }>(
    tx,
    `insert into report_files (organisation_id, id, inspection_id, report_id, audience)
     values ($1::uuid, $2::text, $3::text, $4::text, $5::text)
     on conflict (organisation_id, id) do update set state = 'waiting', step = 0, fault = '', asked_at = now()
       where report_files.state = 'failed'
         or (report_files.state <> 'made' and report_files.asked_at < now() - interval '15 minutes')
     returning id`,
    [organisation, file.id, file.inspection_id, file.report_id, file.audience],
  );

/** Files of earlier states of a draft, no longer wanted. */
export const manyDraftFilesDropped = (
  tx: Transaction,
  file: Pick<ReportFileRow, 'id' | 'inspection_id' | 'audience'>,
) =>
  many<{ id: string }>(
    tx,
    `delete from report_files
     where inspection_id = $1::text and audience = $2::text and report_id is null and id <> $3::text
       and state in ('made', 'failed')
     returning id`,
    [file.inspection_id, file.audience, file.id],
  );

export const maybeOneReportFile = (tx: Transaction, id: string) =>
  maybeOne<ReportFileRow>(
    tx,
    `select id, inspection_id, report_id, audience, state, step, steps, fault
     from report_files where id = $1::text`,
    [id],
  );

export const maybeOneReportFileBytes = (tx: Transaction, id: string) =>
  maybeOne<{ bytes: Buffer }>(
    tx,
    `select bytes from report_files where id = $1::text and state = 'made'`,
    [id],
  );

export const oneReportFileStep = (tx: Transaction, id: string, step: number, steps: number) =>
  one<{ id: string }>(
    tx,
    `update report_files set state = 'making', step = $2::integer, steps = $3::integer
     where id = $1::text and state <> 'made' returning id`,
    [id, step, steps],
  );

export const manyReportFileMade = (tx: Transaction, id: string, bytes: Buffer) =>
  many<{ id: string }>(
    tx,
    `update report_files set state = 'made', step = steps, bytes = $2::bytea, made_at = now()
     where id = $1::text and state <> 'made' returning id`,
    [id, bytes],
  );

export const manyReportFileFailed = (tx: Transaction, id: string, fault: string) =>
  many<{ id: string }>(
    tx,
    `update report_files set state = 'failed', fault = $2::text
     where id = $1::text and state <> 'made' returning id`,
    [id, fault],
  );
