import 'server-only';
import type { Assessment } from '@/core/assess';
import { assess } from '@/core/assess';
import { composeReport } from '@/core/report/compose';
import { asOfDay } from '@/core/report/dates';
import type { ReportData } from '@/core/report/report';
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
export async function readReport(session: Session, id: string): Promise<Report | undefined> {
  const stored = await readInspection(session, id);
  return stored && reportOf(stored);
}

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
