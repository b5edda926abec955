import type { Fact } from '../entries/inspection';
import type { Place, RuleMeta, Scene } from '../rules/rule';

/** Whether the thing was allowed when it was built. Towns adopt an edition one to six years late. */
export interface Legacy {
  state: 'legacy' | 'not-legacy' | 'doubtful' | 'year-unknown';
  since: number;
  year?: number;
  fact?: Fact;
}

const doubtfulYears = 3;

/** The year of the part, else of the panel, else of the building, against the rule's first edition. */
export function legacyOf(
  rule: RuleMeta,
  place: Place,
  { site: { reader }, panel }: Scene,
): Legacy | undefined {
  if (rule.since === undefined) return undefined;
  const { since } = rule;
  const fact = [...place.related, panel.id, panel.building]
    .map((about) => reader.fact(about, 'yearBuilt'))
    .find((one) => one !== undefined);
  if (!fact) return { state: 'year-unknown', since };
  const year = fact.value;
  const state = year < since ? 'legacy' : year < since + doubtfulYears ? 'doubtful' : 'not-legacy';
  return { state, since, year, fact: fact as Fact };
}
