import type { Inspection } from '../../record/entries/inspection';
import type { Coverage, NotSeenLine } from '../examine/coverage';
import type { Examination } from '../examine/examine';
import type { Verdict } from '../examine/verdict';
import type { Finding } from '../grading/finding';
import type { SiteView } from '../../installation/panel/site-view';
import type { Settings } from '../../codes/settings/settings';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import type { VisitCoverage } from '../scope/visit-coverage';
import type { MendedFinding } from './mend';

/** Everything that follows from the entries. */
export interface Assessment {
  /** False: the rules were not asked yet, and what follows from them cannot be read. */
  readonly judged: boolean;
  inspection: Inspection;
  site: SiteView;
  yardstick: Yardstick;
  settings: Settings;
  examination: Examination;
  /** Every check at every place, put together when it is asked for. */
  readonly verdicts: readonly Verdict[];
  findings: Finding[];
  /** What was not seen, line by line, put together when it is asked for. */
  readonly notSeen: readonly NotSeenLine[];
  coverage: Coverage;
  /** What was agreed and what of it was done, put together when it is asked for. */
  readonly visit: VisitCoverage;
  /** As it was found, where something was mended on the visit. */
  asFound: Assessment | undefined;
  /** Findings that were mended, or said to be, while the inspector was there; as they were found. */
  mended: readonly MendedFinding[];
}
