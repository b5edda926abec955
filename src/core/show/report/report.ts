import type { SealedText } from './blocks/sealed-text';
import type { MendedFinding } from '../../judge/assess/mend';
import type { Certainty } from '../../record/entries/entry';
import type { Coverage, NotSeenLine } from '../../judge/examine/coverage';
import type { Grade } from '../../vocabulary/grade';
import type { TraceLine } from '../../judge/grading/finding';
import type { WhyHere } from '../../model/simulation/explain';
import type { ReturnComparison } from './return-comparison';
import type { Hazard } from '../../vocabulary/severity';
import type { ReportLetterhead } from './letterhead';
import type { ReportPlans } from './plans';
import type { ReportReading } from './readings';

/** The report as data: screen, PDF and package reading all come from it. Plain JSON. */
export interface ReportData {
  /** Counted up when a part is added; versions.ts reads the older ones. */
  version: 8;
  inspection: string;
  place: string;
  address: string;
  client: string | undefined;
  organisation: string;
  /** How the office shows itself. Undefined: by its name alone, or issued before it could. */
  letterhead: ReportLetterhead | undefined;
  /** As of this day, in words. Undefined: nothing was recorded. */
  asOf: string | undefined;
  authors: { id: string; name: string; licence: string }[];
  yardstick: string;
  school: string;
  /** What the organisation or the town changed from the shipped yardstick, rules and words. */
  differs: string[];
  permit: ReportPermit | undefined;
  /** What stands above everything: that the visit was stopped, and whom that was told. */
  head: string[];
  /** What was told, agreed and known beforehand, as recorded. */
  told: { label: string; says: string }[];
  /** What was agreed, what was told, and how it is graded: sentences at the head. */
  scope: string[];
  /** What it comes to, in a few sentences. */
  summary: string[];
  /** How far was looked: covers, instruments, and what was agreed and not looked at. */
  looked: string[];
  firstThings: FirstThings[];
  findings: ReportFinding[];
  /** Found, and mended while the inspector was there; as they were found. Numbered after the open ones. */
  mended: { title: string; says: string; findings: ReportMended[] } | undefined;
  panels: {
    id: string;
    name: string;
    marks: { number: number; letter: string; grade: Grade; ref: string }[];
    /** What its label says, for whoever quotes. */
    label: string;
  }[];
  photos: ReportPhoto[];
  /** What each breaker feeds. */
  directories: ReportDirectory[];
  shutOff: ShutOff[];
  /** One for each kind of danger that was found. */
  comparisons: { hazard: string; says: string }[];
  glossary: { term: string; says: string }[];
  referrals: Referral[];
  notes: ReportNote[];
  /** What must stay on while others work, as told. */
  staysOn: string | undefined;
  notSeen: (Omit<NotSeenLine, 'places'> & { places: string[]; panelName: string })[];
  coverage: Coverage;
  /** What was agreed and what of it was done. Undefined: issued before it was counted. */
  visit: ReportVisit | undefined;
  /** Answers that are clear and worth telling. */
  worthTelling: WorthTelling[];
  /** The plan that was chosen. Undefined: none was, or issued before plans were told. */
  plans: ReportPlans | undefined;
  /** Of a closing report: the report it closes, item by item. */
  closing?: ReturnComparison & { of: string };
  readings: ReportReading[];
  /** What-ifs kept as evidence, with the number of the finding. */
  whatIfs: { name: string; says: string; finding: number | undefined; by: string; at: string }[];
  /** Facts that contradict each other, and entries that could not be placed. */
  doubts: string[];
  cautions: readonly string[];
  lengths: string;
  /** What each reader is shown, sealed with it. Undefined: a draft, or issued before texts were sealed. */
  text?: SealedText;
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

/** A photo of the visit, numbered. The picture itself is kept by its digest. */
export interface ReportPhoto {
  number: number;
  digest: string;
  width: number;
  height: number;
  caption: string | undefined;
  about: string | undefined;
  /** The point it shows, as shares of its width and height. */
  pin: { x: number; y: number } | undefined;
  /** Findings it shows. */
  findings: number[];
  by: string;
  at: string;
}

export interface ReportDirectory {
  panel: string;
  panelName: string;
  lines: {
    label: string;
    ratingA: number | undefined;
    feeds: string | undefined;
    how: 'traced' | 'recorded' | 'unknown';
  }[];
}

/** How a panel is shut off, and what stays live then. */
export interface ShutOff {
  panelName: string;
  how: string[];
  staysLive: string;
}

/** What lies outside the inspection and is handed on. */
export interface Referral {
  to: string;
  words: string;
  about: string | undefined;
  by: string;
}

export interface ReportNote {
  about: string;
  words: string;
  by: string;
}

/** A finding with the work that was done on it on the visit. */
export interface ReportMended {
  /** As it was found. */
  finding: ReportFinding;
  by: string | undefined;
  how: string | undefined;
  parts: string | undefined;
  /** Recorded when, and by whom. */
  at: string;
  author: string;
  /** What was measured or tried after it. */
  readings: string[];
  /** Numbers of the photos of the state before and after. */
  before: number[];
  after: number[];
  now: MendedFinding['now'];
  /** Whether it counts as mended by what was recorded, in words. */
  says: string;
}

/** What was agreed for the visit, and what of it was done. */
export interface ReportVisit {
  /** "looking, and opening doors and covers" */
  scope: string;
  /** Somebody recorded it; else everything is taken as agreed. */
  recorded: boolean;
  made: number;
  agreed: number;
  /** What the acts of this scope are called: "looks", "looks and tests". */
  acts: string;
  notMade: {
    /** Panel it is of; undefined: of the building or the visit. */
    panel: string | undefined;
    /** Stage of the visit, in words. */
    stage: string;
    /** What was to be looked at. */
    what: string;
    /** The facts still wanted, as labels: what a layman may read. */
    facts: string[];
    /** What would have to be done for them, for who may do it. */
    wants: string[];
    /** Likely a finding, once seen. */
    likely: string[];
    /** Looking alone would show it: no door, tool or touch. */
    looking: boolean;
    because: string | undefined;
    by: string | undefined;
  }[];
  /** What lies outside what was agreed, and the grave things it could hide. */
  outside: string | undefined;
  /** Facts got by an act that was not agreed. */
  beyond: string[];
}

/** A clear answer worth telling, at its places. */
export interface WorthTelling {
  title: string;
  places: string[];
  says: string;
}

/** One place of a finding: what was seen there, and what whoever works there needs. */
export interface ReportPlace {
  /** "a", "b", …; nothing where there is one place. */
  letter: string;
  ref: string;
  panel: string;
  panelName: string;
  place: string;
  short: string;
  seen: string;
  certainty: Certainty;
  whyHere: WhyHere | undefined;
  also: string[];
  exact: string[];
  torque: string;
  isolation: string;
  absorbed: string[];
  since: string | undefined;
  trace: TraceLine[];
  recorded: ReportFinding['recorded'];
}

/** One thing told once, of its first place; the others beside it. */
export interface ReportFinding {
  number: number;
  /** In the order of panel and place; one at least. */
  places: ReportPlace[];
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
  /** What findings of the same cause ask for, that were Danger now or Urgent themselves. */
  also: string[];
  /** Of a Danger now: what the people there do until it is made safe. */
  untilThen: string[];
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
  /** Ways to mend it, least work first. */
  remedies: readonly string[];
  /** The remedies are steps of one way, not a choice. */
  remediesInOrder: boolean;
  hazards: readonly Hazard[];
  /** Numbers of the photos that show it. */
  photos: number[];
  /** Device and conductor data at the place. */
  exact: string[];
  torque: string;
  isolation: string;
  /** Readings to take and record when it was mended. */
  readingsAfter: readonly string[];
  presumes: readonly string[];
  absorbed: string[];
  trace: TraceLine[];
  /** Names of those who recorded what it rests on, with the entries. */
  recorded: { by: string; at: string; entry: string; says: string }[];
}
