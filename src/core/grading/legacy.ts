import type { Fact } from '../entries/inspection';
import { permitScopeAt } from '../panel/permit-scope';
import type { FoundOutcome, Place, RuleMeta, Scene } from '../rules/rule';

/** Whether the thing was allowed when it was built. Towns adopt an edition one to six years late. */
export interface Legacy {
  state: 'legacy' | 'not-legacy' | 'doubtful' | 'year-unknown' | 'in-permit-scope';
  /** Year the yardstick first said so in words; undefined: the method stands only where it stood. */
  since: number | undefined;
  year?: number;
  fact?: Fact;
}

/** Within so many years of an edition whose adoption there is not known. */
const doubtfulYears = 3;

/**
 * The year of the part, else of the panel, else of the building, against the rule's first edition
 * and the town's delay in adopting it. Work under a permit is never legacy.
 */
export function legacyOf(
  rule: RuleMeta,
  place: Place,
  outcome: Pick<FoundOutcome, 'since'>,
  { site: { reader }, panel, yardstick, settings }: Scene,
): Legacy | undefined {
  const own = outcome.since === undefined ? rule.since : (outcome.since ?? undefined);
  const since = outcome.since === null ? undefined : (yardstick.ruleYears[rule.id] ?? own);
  if (since === undefined && !rule.existingOnly) return undefined;
  const scoped = permitScopeAt(reader, panel.id, place);
  if (scoped) return { state: 'in-permit-scope', since, fact: scoped };
  if (since === undefined) return { state: 'legacy', since };
  const fact = [...place.related, panel.id, panel.building]
    .map((about) => reader.fact(about, 'yearBuilt'))
    .find((one) => one !== undefined);
  if (!fact) return { state: 'year-unknown', since };
  const year = fact.value;
  const { adoptionYears } = settings;
  const asked = since + (adoptionYears ?? 0);
  const state =
    year < asked
      ? 'legacy'
      : adoptionYears === null && year < since + doubtfulYears
        ? 'doubtful'
        : 'not-legacy';
  return { state, since, year, fact: fact as Fact };
}

/** "said in words since 2008; allowed when built (1964)" */
export function legacyWords(legacy: Legacy | undefined): string | undefined {
  if (!legacy) return undefined;
  const { since, year } = legacy;
  const said =
    since === undefined ? 'permitted only where it stands' : `said in words since ${since}`;
  switch (legacy.state) {
    case 'legacy':
      return year === undefined
        ? `${said}; untouched since it was built`
        : `${said}; was allowed when built (${year}), untouched`;
    case 'doubtful':
      return `${said}; built ${year}, when towns were still adopting it`;
    case 'year-unknown':
      return `${said}; year of the part not known`;
    case 'in-permit-scope':
      return `${said}; part of the work under the permit, so never legacy`;
    case 'not-legacy':
      return `${said}; built ${year}`;
  }
}
