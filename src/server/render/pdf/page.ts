import 'server-only';
import type { PrintedPicture } from '../../db/pictures';
import type { Paper } from '@/core/codes/settings/letterhead';
import type { Sheet } from '@/core/show/report/blocks/sheet';

/** What is set on paper. */
export interface PrintedReport {
  sheet: Sheet;
  /** Of the document: place, organisation, day in words. */
  place: string;
  organisation: string;
  asOf: string | undefined;
  /** Undefined: A4. */
  paper?: Paper;
  /** Of an issued report: its number in words, and its seal. */
  issued?: { number: string; digest: string };
  pictures?: ReadonlyMap<string, PrintedPicture>;
  /** The package, attached so that the report can be loaded back. */
  zip?: Buffer;
}
