import type { Fact } from '../../record/entries/inspection';
import { cableYear, clearlyYounger } from '../../installation/panel/cable-age';
import { permitScopeAt } from '../../installation/panel/permit-scope';
import type { FactReader } from '../../record/entries/fact-reader';
import type { PanelView } from '../../installation/panel/views';
import type { FoundOutcome, Place, RuleMeta, Scene } from '../check/rule';

/** Whether the thing was allowed when it was built. Towns adopt an edition one to six years late. */
export interface Legacy {
  state:
    'legacy' | 'not-legacy' | 'doubtful' | 'year-unknown' | 'in-permit-scope' | 'changed-since';
  /** Year the yardstick first said so in words; undefined: the method stands only where it stood. */
  since: number | undefined;
  year?: number;
  fact?: Fact;
  /** Said in so many words that nothing was changed there since. */
  untouched?: boolean;
  /** The listing of the equipment never allowed it, whatever the words of the time. */
  neverListed?: boolean;
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
  const neverListed = rule.outsideListing || undefined;
  const untouched = untouchedAt(place, panel.id, reader);
  const marks = { ...(neverListed && { neverListed }), ...(untouched && { untouched }) };
  if (since === undefined) return { state: 'legacy', since, ...marks };
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
  const younger = state === 'legacy' ? youngerCable(place, panel, year, reader) : undefined;
  if (younger) return { state: 'changed-since', since, year: younger.year, fact: younger.fact };
  return { state, since, year, fact: fact as Fact, ...marks };
}

/** Whether somebody recorded that nothing was changed there since it was built. */
function untouchedAt({ related }: Place, panel: string, reader: FactReader): boolean {
  if ([...related, panel].some((about) => reader.value(about, 'partWork') === 'none')) return true;
  return reader.value(panel, 'signsOfOpening')?.length === 0;
}

/** Cables of a panel by their conductors and by the screws those land on. */
function cablesOf(panel: PanelView): ReadonlyMap<string, readonly string[]> {
  const found = new Map<string, string[]>();
  for (const { id, cable, landsOn } of panel.conductors) {
    if (!cable) continue;
    for (const at of [id, landsOn?.value])
      if (at) found.set(at, [...(found.get(at) ?? []), cable.id]);
  }
  return found;
}

/** A cable at the place that is clearly younger than the part: somebody worked here since. */
function youngerCable({ related }: Place, panel: PanelView, year: number, reader: FactReader) {
  const cables = reader.once(panel, () => cablesOf(panel));
  return related
    .flatMap((about) => cables.get(about) ?? [])
    .map((cable) => cableYear(reader, cable))
    .find((age) => age && age.year > year + clearlyYounger);
}

/** "said in words since 2008; allowed when built (1964)" */
export function legacyWords(legacy: Legacy | undefined): string | undefined {
  if (!legacy) return undefined;
  const { since, year } = legacy;
  const said =
    since === undefined ? 'permitted only where it stands' : `said in words since ${since}`;
  switch (legacy.state) {
    case 'legacy':
      return `${said}; ${legacyBecause(legacy)}`;
    case 'changed-since':
      return `${said}; a cable of ${year} or later is on it, so it was worked on since`;
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

/** What makes it legacy, without saying more than is known. */
export function legacyBecause({ since, year, untouched, neverListed }: Legacy): string {
  const built = year === undefined ? '' : ` (${year})`;
  if (neverListed)
    return `older than those words${built}; the listing of the equipment never allowed it`;
  const then =
    since === undefined
      ? 'stood when such work was done'
      : `not asked for in words when built${built}`;
  return `${then}; ${untouched ? 'nothing changed there since, as recorded' : 'whether untouched is not known'}`;
}
