import type { Certainty } from '../entries/entry';
import type { Coverage, NotSeenLine } from '../examine/coverage';
import type { Grade } from '../grading/grade';
import type { TraceLine } from '../grading/finding';
import type { WhyHere } from '../simulation/explain';
import type { ReturnComparison } from './return-comparison';
import type { ReportReading } from './readings';

/** The report as data: screen, PDF and package reading all come from it. Plain JSON. */
export interface ReportData {
  inspection: string;
  place: string;
  address: string;
  client: string | undefined;
  organisation: string;
  /** As of this day, in words. Undefined: nothing was recorded. */
  asOf: string | undefined;
  authors: { id: string; name: string; licence: string }[];
  yardstick: string;
  school: string;
  /** What the organisation or the town changed from the shipped yardstick, rules and words. */
  differs: string[];
  permit: ReportPermit | undefined;
  /** What it comes to, in three sentences. */
  summary: string[];
  firstThings: FirstThings[];
  findings: ReportFinding[];
  panels: { id: string; name: string; marks: { number: number; grade: Grade; ref: string }[] }[];
  notSeen: (Omit<NotSeenLine, 'places'> & { places: string[]; panelName: string })[];
  coverage: Coverage;
  /** Of a closing report: the report it closes, item by item. */
  closing?: ReturnComparison & { of: string };
  readings: ReportReading[];
  /** What-ifs kept as evidence, with the number of the finding. */
  whatIfs: { name: string; says: string; finding: number | undefined; by: string; at: string }[];
  /** Facts that contradict each other, and entries that could not be placed. */
  doubts: string[];
  cautions: readonly string[];
  lengths: string;
}

/** Outcome for the authority: against the scope of the permitted work alone. */
export interface ReportPermit {
  number: string;
  covers: string;
  result: string;
  because: string;
  inside: string[];
  toSee: string[];
  outside: string[];
}

/** Findings to deal with by one date. */
export interface FirstThings {
  grade: Grade;
  gradeWord: string;
  by: string;
  advice: string;
  findings: { number: number; title: string }[];
}

export interface ReportFinding {
  number: number;
  rule: string;
  ref: string;
  panel: string;
  panelName: string;
  place: string;
  title: string;
  short: string;
  seen: string;
  why: string;
  /** What the circuit model says of it in this house. */
  whyHere: WhyHere | undefined;
  ask: string;
  who: string;
  grade: Grade;
  gradeWord: string;
  /** As computed, where the inspector set another. */
  computedWord: string | undefined;
  overrule: string | undefined;
  madeSafe: string | undefined;
  by: string;
  certainty: Certainty;
  severity: number;
  likelihood: number;
  severityWord: string;
  likelihoodWord: string;
  sources: string[];
  since: string | undefined;
  remedies: readonly string[];
  presumes: readonly string[];
  absorbed: string[];
  trace: TraceLine[];
  /** Names of those who recorded what it rests on, with the entries. */
  recorded: { by: string; at: string; entry: string; says: string }[];
}
