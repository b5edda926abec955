import type { Certainty } from '../../record/entries/entry';
import type { Verdict } from '../examine/verdict';
import type { FoundOutcome } from '../check/rule';
import type { Likelihood, Severity } from '../../vocabulary/severity';
import type { Due } from './due';
import type { Grade } from '../../vocabulary/grade';
import type { Legacy } from './legacy';

/** A grade set by the inspector, or one that could not be. Both grades are printed. */
export interface Overrule {
  to: Grade;
  reason: string | undefined;
  by: string;
  at: string;
  entry: string;
  /** Why it does not count. */
  refused?: string;
}

/** One line of a grade's trace. */
export interface TraceLine {
  because: string;
  severity: Severity;
  likelihood: Likelihood;
  grade: Grade;
  moves: string;
  counted: boolean;
  /** Entry the step rests on. */
  entry?: string;
}

/** A finding with its grade and the reasons for it. */
export interface Finding {
  key: string;
  verdict: Verdict;
  outcome: FoundOutcome;
  /** After the inspector's ruling, if any. */
  grade: Grade;
  /** As computed. */
  computed: Grade;
  severity: Severity;
  likelihood: Likelihood;
  points: number;
  certainty: Certainty;
  trace: TraceLine[];
  legacy: Legacy | undefined;
  /** A date of its own, by the calendar. */
  due: Due | undefined;
  overrule: Overrule | undefined;
  madeSafe: string | undefined;
  /** Place the inspector gave it among findings of its grade. */
  reportPlace: number | undefined;
  /** The inspector tells it apart from others like it. */
  apart: boolean;
  /** Findings of the same cause, or merged by the inspector, taken over as evidence. */
  absorbed: Verdict[];
  /** Of them those that were Danger now or Urgent themselves: what they ask for is printed all the same. */
  pressing: Verdict[];
}
