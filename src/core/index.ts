/**
 * The front door: where server, views, bench and tests start. Words, types and parts are imported from
 * their own files.
 *
 *     entries ─▶ fold ─▶ examine ─▶ grade ─▶ compose ─▶ blocks
 *                                        └─▶ plan
 */

// Facts go in.
export { startingSettings, anySettingsSchema } from './codes';
export { idsFrom, Logbook, readingsOf, recordLine } from './fieldwork';
export type { Reading, ReadingVerdict } from './fieldwork';
export {
  packageFileName,
  packageFormat,
  packageVersion,
  parseEntry,
  parseIncoming,
  parseLine,
  parsePackage,
} from './record';
export type { InspectionPackage, IssuedSeal } from './record';

// They are put together.
export { siteOf } from './installation';

// Findings follow, and what would flow.
export { assess, findingsTurningOn, follow, unjudged } from './judge';
export type { Assessment, Followed } from './judge';
export { siteNetwork, solve } from './model';
export type { SiteNetwork, Solution } from './model';

// What to mend, and what it costs.
export {
  afterPlan,
  answerTo,
  groundOf,
  namedPlans,
  plansAlong,
  planWords,
  prepare,
  readProblem,
  wishesOf,
  workOut,
} from './advise';
export type {
  AfterPlan,
  Expected,
  FindingLine,
  FindingWays,
  LookWorth,
  NamedPlans,
  Plan,
  PlanAnswer,
  PlanName,
  PlanQuestion,
  PlanView,
  Prepared,
  WayLine,
  WorkLine,
} from './advise';

// They are drawn and told.
export { composeReport, drawPanel, readReportData } from './show';
export type { Author, PanelDrawing } from './show';
