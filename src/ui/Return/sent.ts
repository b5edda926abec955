import type { ReportData } from '@/core/show/report/report';
import type { Who } from '../who';

/** The report a return visit starts from. */
export type IssuedBefore = Pick<ReportData, 'findings' | 'photos' | 'readings'> & {
  number: string;
  /** Ids of the entries sealed in it. */
  sealed: string[];
};

/** What a return visit is drawn from, besides the inspection. Null: nothing was issued. */
export interface ReturnSent {
  who: Who;
  issued: IssuedBefore | null;
}
