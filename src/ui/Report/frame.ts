import type { SiteView } from '@/core/installation/panel/site-view';
import type { Audience } from '@/core/show/report/audience';
import type { ReportData } from '@/core/show/report/report';
import type { ReportRecord } from './RecordParts';

/** What an issued report carries, where it is read, and by whom. */
export interface IssuedFrame {
  number: string;
  changes: string;
  signedName: string;
  licence: string;
  issuedOn: string;
  digest: string;
  /** Its own address; the PDF lies below it. */
  base: string;
  /** A client sees this report and nothing else. */
  by: 'member' | 'client';
}

/** What the parts of a report are drawn from. */
export interface ReportFrame {
  report: ReportData;
  site: SiteView;
  audience: Audience;
  issued?: IssuedFrame;
  /** Of the whole record. */
  record?: ReportRecord | undefined;
}

/** Address below which a report's pictures lie. */
export const picturesAt = (issued: IssuedFrame | undefined) =>
  issued?.by === 'client' ? `${issued.base}/pictures` : '/pictures';
