import { assess } from '../../judge/assess/assess';
import type { Assessment } from '../../judge/assess/assess';
import type { Letterhead } from '../../codes/settings/letterhead';
import type { Opened } from '../../record/package/opened';
import type { Audience } from './audience';
import type { Sheet } from './blocks/sheet';
import { composeReport } from './compose';
import { asOfDay } from './dates';
import { wholeRecord } from './record';
import type { ReportData } from './report';
import { composeSheet } from './sheets';

/** An inspection, as a report of it is composed from it. */
export interface Drafted extends Pick<Opened, 'settings' | 'entries' | 'authors' | 'carried'> {
  /** Of the inspection. */
  id: string;
  /** How the office shows itself; undefined: by its name alone. */
  letterhead?: Letterhead | undefined;
}

/** The report of what is recorded, not issued. The same on the device and the server, to the letter. */
export function draftReport(
  { id, settings, entries, authors, letterhead }: Omit<Drafted, 'carried'>,
  now: Date,
): { report: ReportData; assessment: Assessment } {
  const assessment = assess(entries, settings);
  const report = composeReport(assessment, {
    inspection: id,
    asOf: asOfDay(entries, now),
    authors,
    ...(letterhead && { letterhead }),
  });
  return { report, assessment };
}

/** The same, as one reader is shown it. */
export function draftSheet(
  drafted: Drafted,
  audience: Audience,
  now: Date,
): { report: ReportData; sheet: Sheet } {
  const { report, assessment } = draftReport(drafted, now);
  const { entries, authors, carried } = drafted;
  const record = wholeRecord(entries, authors, assessment, carried);
  return {
    report,
    sheet: composeSheet({ report, site: assessment.site, signed: undefined, record }, audience),
  };
}
