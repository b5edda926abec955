import { remedyWords } from '../../advise/remedies';
import type { Assessment } from '../../judge/assess/assess';
import { propertySpec } from '../../record/entries/properties';
import type { Fact } from '../../record/entries/inspection';
import { gradeWords } from '../../vocabulary/grade';
import type { Finding } from '../../judge/grading/finding';
import type { FindingItem } from '../../judge/grading/items';
import { legacyWords } from '../../judge/grading/legacy';
import { likelihoodWords, severityWords } from '../../judge/grading/matrix';
import type { Message } from '../../judge/check/rule';
import type { SiteView } from '../../installation/panel/site-view';
import { dayWords } from './dates';
import { deadlineWords } from './deadline';
import { exactFacts, torqueWords } from './exact-facts';
import { isolationWords } from './isolation';
import { readingsAfter } from './readings-after';
import { untilThenWords } from './until-then';
import { findingWords, itemWords } from './finding-words';
import { valueWords } from './value-words';
import type { WhyHere } from '../../model/simulation/explain';
import type { ReportFinding, ReportPhoto } from './report';

import type { Provenance } from './provenance';
import { nameOf } from './provenance';

/** One thing as the report holds it: words, grade and ways once, each place with its facts. */
export function reportFinding(
  { places }: Pick<FindingItem, 'places'>,
  number: number,
  assessment: Assessment,
  frame: Provenance,
  whyHere: (finding: Finding) => WhyHere | undefined,
  photos: readonly ReportPhoto[],
): ReportFinding {
  const all = places.map(({ finding, letter }) => {
    const one = reportPlace(finding, number, assessment, frame, whyHere(finding), photos);
    const { ref, panel, panelName, place, short, seen, certainty } = one;
    const { exact, torque, isolation, absorbed, since, trace, recorded, also } = one;
    return {
      one,
      place: {
        letter,
        ref,
        panel,
        panelName,
        place,
        short,
        seen,
        certainty,
        whyHere: one.whyHere,
        also,
        exact,
        torque,
        isolation,
        absorbed,
        since,
        trace,
        recorded,
      },
    };
  });
  const words = (part: 'why' | 'ask') =>
    itemWords(
      places.map(({ finding }) => finding.verdict),
      part,
      assessment.settings,
    );
  return {
    ...all[0]!.one,
    why: words('why'),
    ask: words('ask'),
    places: all.map(({ place }) => place),
  };
}

function reportPlace(
  finding: Finding,
  number: number,
  { site, settings }: Assessment,
  frame: Provenance,
  whyHere: WhyHere | undefined,
  photos: readonly ReportPhoto[],
): Omit<ReportFinding, 'places'> {
  const { verdict, outcome, grade } = finding;
  const { rule, place, panel } = verdict;
  const text = (part: keyof Message) => findingWords(verdict, part, settings);
  const inPanel = site.panels.find((one) => one.id === panel)!;
  return {
    number,
    rule: rule.id,
    ref: place.ref,
    panel,
    panelName: inPanel.name,
    place: place.label,
    title: rule.title,
    short: text('short'),
    seen: text('seen'),
    why: text('why'),
    whyHere,
    ask: text('ask'),
    also: [
      ...new Set(
        finding.pressing.map((one) => `${one.place.label}: ${findingWords(one, 'ask', settings)}`),
      ),
    ],
    untilThen: grade === 'danger' ? untilThenWords(rule) : [],
    who: rule.who,
    grade,
    gradeWord: gradeWords[grade],
    computedWord: finding.computed === grade ? undefined : gradeWords[finding.computed],
    overrule: overruleWords(finding, frame),
    madeSafe: finding.madeSafe,
    by: finding.due
      ? `by ${dayWords(finding.due.on, frame.letterhead?.dates)} (${finding.due.because})`
      : deadlineWords(grade, settings, frame.asOf, frame.letterhead?.dates),
    certainty: finding.certainty,
    severity: finding.severity,
    likelihood: finding.likelihood,
    severityWord: severityWords[finding.severity],
    likelihoodWord: likelihoodWords[finding.likelihood],
    sources: [...rule.sources, ...(outcome.sources ?? [])].map(
      (source) => `${source.code}: ${source.says}`,
    ),
    since: legacyWords(finding.legacy),
    remedies: remedyWords(rule.remedies),
    remediesInOrder: rule.remediesInOrder ?? false,
    hazards: rule.hazards,
    photos: photos.filter((photo) => photo.findings.includes(number)).map((photo) => photo.number),
    exact: exactFacts(place.ref, inPanel, site),
    torque: torqueWords(place.ref, inPanel, site),
    isolation: isolationWords(rule.id, place.ref, inPanel, site),
    readingsAfter: readingsAfter(rule.id),
    presumes: outcome.presumes ?? [],
    absorbed: finding.absorbed.map(
      (one) => `${one.place.label}: ${findingWords(one, 'seen', settings)}`,
    ),
    trace: finding.trace,
    recorded: recorded(outcome.facts, site, frame),
  };
}

function overruleWords({ overrule, computed }: Finding, frame: Provenance): string | undefined {
  if (!overrule) return undefined;
  const { to, reason, refused } = overrule;
  const who = nameOf(overrule.by, frame);
  if (refused) return `${who} set ${gradeWords[to]}; it does not count: ${refused}.`;
  return `Computed ${gradeWords[computed]}; ${who} set ${gradeWords[to]}: ${reason}`;
}

function recorded(
  facts: readonly Fact[],
  site: SiteView,
  frame: Provenance,
): ReportFinding['recorded'] {
  return facts.map((fact) => ({
    by: nameOf(fact.author, frame),
    at: fact.at,
    entry: fact.entry,
    says: `${propertySpec(fact.property)?.label ?? fact.property}: ${valueWords(fact, site)}`,
  }));
}
