import { FactReader } from '../../record/entries/fact-reader';
import type { Entry } from '../../record/entries/entry';
import { fold } from '../../record/entries/fold';
import type { Inspection } from '../../record/entries/inspection';
import { coverageOf, notSeenLines } from '../examine/coverage';
import type { NotSeenLine } from '../examine/coverage';
import type { Examination } from '../examine/examine';
import { examine, verdictsOf } from '../examine/examine';
import type { Verdict } from '../examine/verdict';
import type { VisitCoverage } from '../scope/visit-coverage';
import { visitCoverage } from '../scope/visit-coverage';
import type { Finding } from '../grading/finding';
import { judge } from '../grading/judge';
import type { Assessment } from './assessment';
import { asFoundEntries, setMended } from './mended';
import { settingsAt } from './settings-at';
import type { SiteView } from '../../installation/panel/site-view';
import { readSite } from '../../installation/panel/site-view';
import type { Settings } from '../../codes/settings/settings';
import { yardstickOf } from '../../codes/yardstick';
import type { Yardstick } from '../../codes/yardstick/yardstick';

export type { Assessment } from './assessment';

/** entries ─fold→ inspection ─examine→ verdicts ─judge→ findings. */
export function assess(entries: readonly Entry[], settings: Settings): Assessment {
  const found = asFoundEntries(entries);
  return setMended(
    assessInspection(fold(entries), settings),
    entries,
    found && assessInspection(fold(found), settings),
  );
}

export function assessInspection(inspection: Inspection, settings: Settings): Assessment {
  return assessSite(readSite(inspection), settings);
}

/** The same, where the recorded facts were put together already. */
export function assessSite(read: SiteView, set: Settings): Assessment {
  const settings = settingsAt(read, set);
  const yardstick = yardstickOf(settings);
  return assessmentOf(examine(read, yardstick, settings), yardstick, settings);
}

/** The same, where the rules answered already. */
export function assessmentOf(
  examination: Examination,
  yardstick: Yardstick,
  settings: Settings,
  findings: Finding[] = judge(examination),
): Assessment {
  const { site, open, unseen, clear } = examination;
  let verdicts: readonly Verdict[] | undefined;
  let visit: VisitCoverage | undefined;
  let notSeen: NotSeenLine[] | undefined;
  const inspection = FactReader.wholeOf(site.reader);
  return {
    judged: true,
    inspection,
    site,
    yardstick,
    settings,
    examination,
    get verdicts() {
      return (verdicts ??= verdictsOf(examination));
    },
    findings,
    get notSeen() {
      return (notSeen ??= notSeenLines(open, unseen));
    },
    coverage: coverageOf(open, unseen, clear),
    get visit() {
      return (visit ??= visitCoverage(inspection, site, examination));
    },
    asFound: undefined,
    mended: [],
  };
}
