import type { Audience } from '@/core/show/report/audience';
import type { ReportData } from '@/core/show/report/report';

/** Where an issued report is read, and by whom. */
export interface IssuedView {
  digest: string;
  /** Its own address; the PDF lies below it. */
  base: string;
  /** A client sees this report and nothing else. */
  by: 'member' | 'client';
}

/** What a page of a report is drawn from. */
export interface ReportView {
  report: Pick<ReportData, 'inspection'>;
  audience: Audience;
  issued?: IssuedView;
}

/** Address below which a report's pictures lie. */
export const picturesAt = (issued: IssuedView | undefined) =>
  issued?.by === 'client' ? `${issued.base}/pictures` : '/pictures';
