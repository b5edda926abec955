import 'server-only';
import type { Audience } from '@/core/show/report/audience';
import type { ReportData } from '@/core/show/report/report';
import type { SiteView } from '@/core/installation/panel/site-view';
import type { PrintedPicture } from '../../db/pictures';
import type { ReportRecord } from '../../commands/read-report';
import type { Flow } from './flow';

/** What an issued report carries besides: its number, who signed it, and its seal. */
export interface IssuedMark {
  /** "2026-0007, revision 1" */
  number: string;
  changes: string;
  signedName: string;
  licence: string;
  /** YYYY-MM-DD */
  issuedOn: string;
  digest: string;
}

/** What is set on paper. */
export interface PrintedReport {
  report: ReportData;
  site: SiteView;
  audience: Audience;
  issued?: IssuedMark;
  /** Pictures at the size they are printed in, by digest. */
  pictures?: ReadonlyMap<string, PrintedPicture>;
  /** Settings and entries, for the whole record. */
  record?: ReportRecord | undefined;
  /** The package, attached so that the report can be loaded back. */
  zip?: Buffer;
}

/** What every section is given. */
export interface Page extends PrintedReport {
  flow: Flow;
}
