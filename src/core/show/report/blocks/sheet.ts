import type { Audience } from '../audience';
import type { ReportData } from '../report';
import type { WholeRecord } from '../record';
import type { Drawings } from './sealed-text';

export type { Drawings, Sheet } from './sealed-text';

/** Number, signature and day of an issued report, as they are printed. */
export interface Signed {
  /** "2026-0007, revision 1" */
  number: string;
  changes: string;
  signedName: string;
  licence: string;
  /** YYYY-MM-DD */
  issuedOn: string;
}

/** What the blocks of a report are composed from. */
export interface Source {
  report: ReportData;
  audience: Audience;
  drawings: Drawings;
  /** Undefined: a draft. */
  signed: Signed | undefined;
  /** Settings and entries, which only the whole record prints. */
  record: WholeRecord | undefined;
}
