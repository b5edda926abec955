import type { Outcome, Place, Rule } from '../rules/rule';

/** The answer of one rule at one place of one panel. */
export interface Verdict {
  rule: Rule;
  panel: string;
  place: Place;
  outcome: Outcome;
}

/** Names a verdict across evaluations: rule and place. */
export const verdictKey = (verdict: Pick<Verdict, 'rule' | 'place'>) =>
  `${verdict.rule.id}|${verdict.place.ref}`;
