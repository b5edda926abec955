import type { Assessment } from '../../judge/assess/assess';
import { omissionReason } from '../../judge/scope/omissions';
import { scopes } from '../../judge/scope/scopes';
import type { Scope } from '../../judge/scope/scopes';
import type { ActDone, VisitCoverage } from '../../judge/scope/visit-coverage';
import { propertySpec } from '../../record/entries/properties';
import { stages } from '../../fieldwork/walk/stages';
import type { Act } from '../../record/entries/properties/spec';
import { capital, listed } from '../../vocabulary/phrases';
import type { ReportVisit } from './report';

/** What the acts of a scope are called when they are counted. */
export const actsWord = ({ name }: Pick<Scope, 'name'>): string =>
  scopes[name].acts.includes('test') ? 'looks and tests' : 'looks';

/** "41 of 44 agreed looks" */
export const countWords = ({ scope, made, agreed }: VisitCoverage): string =>
  `${made} of ${agreed} agreed ${actsWord(scope)}`;

/** What was agreed, in a sentence; that nobody agreed anything is said too. */
export const scopeSentence = ({ name, recorded }: Scope): string =>
  recorded
    ? `Agreed for this visit: ${scopes[name].says}.`
    : 'Nothing was recorded of what was agreed for this visit; everything is taken as agreed.';

/** An act of a kind, as what was not done. */
const doing: Readonly<Record<Act, string>> = {
  look: 'looking inside the building',
  open: 'opening doors and covers',
  touch: 'tugging, rocking and pressing',
  test: 'measuring and trying functions',
  trace: 'switching off to see what each breaker feeds',
  ask: 'asking the people of the house',
};

/** The few grave things that only such an act shows. */
const couldHide: Readonly<Record<Act, string>> = {
  look: 'a panel nobody can reach, or one of a dangerous kind',
  open: 'burned or overloaded wiring, doubled wires and wrong joints behind the cover',
  touch: 'a loose wire or a breaker that has lost its grip',
  test: 'a lost neutral, current on the grounding, or protection that does not trip',
  trace: 'circuits joined to each other, or fed twice',
  ask: 'shocks, smells or repeated tripping nobody told of',
};

/** What lies outside what was agreed, and what it could hide; nothing where nothing does. */
export function outsideSentence({ outside }: Pick<VisitCoverage, 'outside'>): string | undefined {
  const kinds = (Object.keys(doing) as Act[]).filter((act) =>
    outside.some((one) => one.act === act),
  );
  if (kinds.length === 0) return undefined;
  const grave = kinds.map((act) => couldHide[act]);
  return `Outside what was agreed: ${listed(kinds.map((act) => doing[act]))}. ${kinds.length === 1 ? 'It' : 'They'} could show ${grave.length > 1 ? `${grave.slice(0, -1).join('; ')}; or ${grave.at(-1)}` : grave[0]}.`;
}

/** The visit as the report holds it. */
export function reportVisit(assessment: Assessment): ReportVisit {
  const { visit } = assessment;
  const { scope, made, agreed, acts, beyond } = visit;
  return {
    scope: scopes[scope.name].says,
    recorded: scope.recorded,
    made,
    agreed,
    acts: actsWord(scope),
    notMade: acts.filter(({ wants }) => wants.length > 0).map((act) => notMade(act, assessment)),
    outside: outsideSentence(visit),
    beyond: beyondWords(beyond),
  };
}

/** What was got by acts that were not agreed: each fact once, with at how many places. */
function beyondWords(beyond: VisitCoverage['beyond']): string[] {
  const places = new Map<string, Set<string>>();
  for (const { about, property } of beyond)
    places.set(property, (places.get(property) ?? new Set()).add(about));
  return [...places].map(
    ([property, { size }]) => `${label(property)}${size > 1 ? ` (${size} places)` : ''}`,
  );
}

const label = (property: string) => {
  const words = propertySpec(property)?.label ?? property;
  return /^[A-Z][a-z]/.test(words) ? words.charAt(0).toLowerCase() + words.slice(1) : words;
};

/** Why an act was not made: as somebody said, or as the record shows. */
export function reasonOf(
  act: ActDone,
  { site: { reader } }: Pick<Assessment, 'site'>,
): string | undefined {
  const said = act.omission && omissionReason(act.omission);
  if (said) return said;
  if (!act.panel || act.act !== 'open' || act.stage < 7 || act.stage > 9) return undefined;
  if (reader.value(act.panel, 'coverOpened') !== 'not-opened') return undefined;
  const reason = reader.value(act.panel, 'coverReason');
  return `the cover was not opened${reason ? `: ${reason}` : ''}`;
}

const notMade = (act: ActDone, assessment: Assessment): ReportVisit['notMade'][number] => ({
  panel: act.panel,
  stage: stages.find(({ number }) => number === act.stage)?.name ?? '',
  what: act.what,
  facts: [...new Set(act.wants.map(({ property }) => label(property)))],
  wants: [...new Set(act.wants.map(({ say, places }) => `${say}${placesOf(places)}`))],
  likely: [
    ...new Set(
      act.wants
        .filter(({ likely }) => likely)
        .map(({ rule, places }) => `${rule}${placesOf(places)}`),
    ),
  ],
  looking: act.act === 'look' || act.act === 'ask',
  because: reasonOf(act, assessment),
  by: act.omission?.by,
});

/** Where it is wanted, as far as that says more than the want itself: numbered places, or how many. */
function placesOf(places: readonly { label: string }[]): string {
  if (places.length > 3) return ` (${places.length} places)`;
  const numbered = places.filter(({ label }) => /\d|^Lug /.test(label));
  return numbered.length > 0 ? ` (${numbered.map(({ label }) => label).join(', ')})` : '';
}

/**
 * How far was looked, in a few sentences for a layman: covers, instruments, and what was not looked at
 * though it was agreed.
 */
export function lookedSentences(assessment: Assessment): string[] {
  const { coverage } = assessment;
  if (coverage.found + coverage.clear + coverage.notSeen === 0)
    return ['Nothing was recorded yet, so nothing is known to be fine.'];
  const { site, visit } = assessment;
  const { reader } = site;
  const opened = site.panels.filter(({ id }) => reader.value(id, 'coverOpened') === 'opened');
  const covers =
    site.panels.length === 0
      ? 'No panel was recorded.'
      : opened.length === site.panels.length
        ? `We looked with ${opened.length === 1 ? 'the cover' : 'the covers'} off.`
        : opened.length === 0
          ? `We looked with ${site.panels.length === 1 ? 'the cover' : 'the covers'} on: what is behind was not seen.`
          : `We looked with the cover of ${listed(opened.map(({ name }) => name.toLowerCase()))} off; of the others it stayed on, and what is behind was not seen.`;
  const got = actsRecorded(assessment);
  const none = (
    [
      ['test', 'tested with an instrument'],
      ['touch', 'tugged'],
      ['trace', 'traced'],
    ] as const
  ).flatMap(([act, words]) => (got.has(act) ? [] : words));
  const nothing = none.length > 0 ? [`Nothing was ${listed(none).replace(' and ', ' or ')}.`] : [];
  const left = new Set(
    visit.acts.filter(({ wants }) => wants.length > 0).map(({ stage }) => stage),
  );
  const parts = stages.flatMap(({ number, name }) => (left.has(number) ? name.toLowerCase() : []));
  const notLooked =
    parts.length > 0
      ? [
          `${countWords(visit)} made; not, or not wholly: ${listed(parts)}. Not looked at is not fine.`,
        ]
      : visit.agreed > 0
        ? ['Everything that was agreed was looked at.']
        : [];
  return [covers, ...nothing, ...notLooked].map(capital);
}

/** Kinds of act by which some fact was got. */
function actsRecorded({ inspection }: Pick<Assessment, 'inspection'>): ReadonlySet<Act> {
  const acts = new Set<Act>();
  for (const facts of inspection.facts.values())
    for (const [property, values] of facts) {
      const act = propertySpec(property)?.act;
      const done = values.some(({ certainty }) => certainty === 'seen' || certainty === 'measured');
      if (act && act !== 'none' && done) acts.add(act);
    }
  return acts;
}
