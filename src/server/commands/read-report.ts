import 'server-only';
import type { Assessment } from '@/core';
import { assess, composeReport } from '@/core';
import type { Audience } from '@/core/show/report/audience';
import type { RecordLine } from '@/core/show/report/record';
import { recordLines, settingsLines } from '@/core/show/report/record';
import { asOfDay } from '@/core/show/report/dates';
import type { ReportData } from '@/core/show/report/report';
import type { Session } from '../session';
import { readInspection } from './read-inspection';
import type { StoredInspection } from './stored-inspection';

export interface Report {
  report: ReportData;
  assessment: Assessment;
  /** How many there are. */
  entries: number;
}

/** The report of an inspection, or none where there is no such inspection here. */
export async function readReport(
  session: Session,
  id: string,
  audience: Audience = 'client',
): Promise<(Report & { record: ReportRecord | undefined }) | undefined> {
  const stored = await readInspection(session, id);
  if (!stored) return undefined;
  const read = reportOf(stored);
  return { ...read, record: recordFor(audience, stored, read.assessment) };
}

/** Settings and entries, which only the whole record prints. */
export interface ReportRecord {
  settings: { term: string; says: string }[];
  lines: RecordLine[];
}

export const recordFor = (
  audience: Audience,
  { entries, authors }: Pick<StoredInspection, 'entries' | 'authors'>,
  { site, settings }: Assessment,
): ReportRecord | undefined =>
  audience === 'record'
    ? { settings: settingsLines(settings), lines: recordLines(entries, authors, site) }
    : undefined;

export function reportOf(
  stored: Pick<StoredInspection, 'id' | 'settings' | 'authors' | 'entries'>,
): Report {
  const assessment = assess(stored.entries, stored.settings);
  const report = composeReport(assessment, {
    inspection: stored.id,
    asOf: asOfDay(stored.entries),
    authors: stored.authors,
  });
  return { report, assessment, entries: stored.entries.length };
}
