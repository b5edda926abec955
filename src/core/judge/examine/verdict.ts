import type { Outcome, Place, Rule, Unread } from '../check/rule';
import { notSeen, want } from '../check/rule';

/** The answer of one rule at one place of one panel. */
export interface Verdict {
  rule: Rule;
  panel: string;
  place: Place;
  outcome: Outcome;
}

/** Places of one panel at which a rule is not seen for the same unread fact. */
export interface UnseenPlaces {
  rule: Rule;
  panel: string;
  places: readonly Place[];
  what: Unread;
  /** The thing to be looked at, where it is not each place: the panel whose cover is closed. */
  about: string | undefined;
}

/** Names a verdict across evaluations: rule and place. */
export const verdictKey = (verdict: Pick<Verdict, 'rule' | 'place'>) =>
  `${verdict.rule.id}|${verdict.place.ref}`;

/** Every key a verdict has or once had: what was said under an older one still finds it. */
export const verdictKeys = ({ rule, place }: Pick<Verdict, 'rule' | 'place'>): string[] => [
  `${rule.id}|${place.ref}`,
  ...(place.formerly ?? []).map((ref) => `${rule.id}|${ref}`),
];

/** One verdict for each of the places. */
export const spreadOut = ({ rule, panel, places, what, about }: UnseenPlaces): Verdict[] =>
  places.map((place) => ({
    rule,
    panel,
    place,
    outcome: notSeen(want(about ?? subjectOf(what, place, panel), what.property, what.say)),
  }));

/** The thing to be looked at for what was not recorded of a place. */
export const subjectOf = ({ subject }: Unread, place: Place, panel: string): string =>
  subject ? subject(place, panel) : place.ref;
