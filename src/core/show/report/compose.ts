import type { Assessment } from '../../judge/assess/assess';
import { contradictionsOf } from '../../fieldwork/merging/contradictions';
import { gradeWords, grades } from '../../vocabulary/grade';
import { itemsOf } from '../../judge/grading/items';
import type { FindingItem } from '../../judge/grading/items';
import { eachPlace, placesWords } from './places';
import { scopeWords } from './scope-words';
import { lookedSentences, reportVisit } from './visit';
import { worthTelling } from './worth-telling';
import type { Finding } from '../../judge/grading/finding';
import { verdictKeys } from '../../judge/examine/verdict';
import type { Hazard } from '../../vocabulary/severity';
import { schoolWords } from '../../codes/settings/settings';
import { permitOutcome, permitWords } from '../../judge/permit/outcome';
import { keyToday } from '../../installation/panel/standing-in';
import { settingsDifferences } from './settings-differences';
import { cautions } from './cautions';
import { comparisons, hazardWords } from './comparisons';
import { dayWords } from './dates';
import { deadlineWords } from './deadline';
import { reportDirectories } from './directory';
import { reportLetterhead } from './letterhead';
import { labelFacts } from './exact-facts';
import { glossaryOf } from './glossary';
import { reportPhotos } from './photos';
import { reportPlans } from './plans';
import { mendedPlaces, reportMended } from './mended';
import { likelyFamilies } from './likely-families';
import { referrals, reportNotes } from './referrals';
import { shutOffs } from './shut-off';
import { summarise } from './summary';
import { reportHead, toldAndAgreed } from './told';
import { adviceWords } from './advice';
import { findingWords } from './finding-words';
import { contradictionSentence } from './contradiction-words';
import { reportReadings } from './readings';
import { whyHereOf } from '../../model/simulation/why-here';
import type { FirstThings, ReportData, ReportFinding, ReportPermit } from './report';

import { reportFinding } from './compose-finding';
import type { SiteView } from '../../installation/panel/site-view';
import type { Provenance } from './provenance';
import { nameOf } from './provenance';

/** Composes the report. The same assessment, day and authors give the same report to the letter. */
export function composeReport(assessment: Assessment, frame: Provenance): ReportData {
  const { site, settings, yardstick, coverage, inspection } = assessment;
  const panelName = (id: string) => site.panels.find((panel) => panel.id === id)?.name ?? 'Panel';
  const whyHere = whyHereOf(assessment);
  const author = (id: string) => nameOf(id, frame);
  const items = itemsOf(assessment.findings, settings);
  const photos = reportPhotos(
    assessment,
    [
      ...items.flatMap(({ number, places }) =>
        places.map(({ finding: { verdict } }) => ({ number, ref: verdict.place.ref })),
      ),
      ...mendedPlaces(assessment, items.length + 1),
    ],
    author,
  );
  const findings = items.map((one) =>
    reportFinding(one, one.number, assessment, frame, whyHere, photos),
  );
  const hazards = (Object.keys(comparisons) as Hazard[]).filter((hazard) =>
    findings.some((finding) => finding.hazards.includes(hazard)),
  );
  return {
    version: 8,
    inspection: frame.inspection,
    place: site.name,
    address: site.address,
    client: site.site && site.reader.value(site.site, 'client'),
    organisation: settings.organisation,
    letterhead: frame.letterhead && reportLetterhead(settings.organisation, frame.letterhead),
    asOf: frame.asOf && dayWords(frame.asOf, frame.letterhead?.dates),
    authors: [...frame.authors].sort((a, b) => (a.id < b.id ? -1 : 1)),
    yardstick: yardstick.title,
    school: `graded ${schoolWords[settings.school].toLowerCase()}`,
    differs: settingsDifferences(settings),
    permit: reportPermit(assessment),
    head: reportHead(assessment),
    told: toldAndAgreed(assessment),
    scope: scopeWords(assessment),
    summary: summarise(assessment),
    looked: lookedSentences(assessment),
    firstThings: firstThings(findings, assessment, frame),
    findings,
    mended: reportMended(
      assessment,
      findings.length + 1,
      frame,
      assessment.asFound ? whyHereOf(assessment.asFound) : whyHere,
      photos,
    ),
    panels: site.panels.map((panel) => ({
      id: panel.id,
      name: panel.name,
      marks: findings
        .flatMap(eachPlace)
        .filter((finding) => finding.panel === panel.id)
        .map(({ number, letter, grade, ref }) => ({ number, letter, grade, ref })),
      label: labelFacts(panel, site),
    })),
    photos,
    directories: reportDirectories(assessment),
    shutOff: shutOffs(assessment),
    comparisons: hazards.map((hazard) => ({
      hazard: hazardWords[hazard],
      says: comparisons[hazard],
    })),
    glossary: glossaryOf([
      ...findings.flatMap(({ title, seen, why, ask, remedies }) => [
        title,
        seen,
        why,
        ask,
        ...remedies,
      ]),
      'yardstick, not seen, licensed, main',
    ]),
    referrals: referrals(assessment, author),
    notes: [...likelyFamilies(assessment, author), ...reportNotes(assessment, author)],
    staysOn: site.site && site.reader.value(site.site, 'mustStayOn'),
    notSeen: assessment.notSeen.map((line) => ({
      ...line,
      places: line.places.map((place) => place.label),
      panelName: panelName(line.panel),
    })),
    coverage,
    visit: reportVisit(assessment),
    worthTelling: worthTelling(assessment),
    plans: reportPlans(assessment, frame.letterhead?.dates),
    readings: reportReadings(assessment, author),
    whatIfs: keptWhatIfs(assessment, items, frame),
    doubts: [
      ...standing(site).map((one) => contradictionSentence(one, site, author)),
      ...inspection.unplaced.map(
        (one) => `An entry of the record could not be placed: ${one.reason}.`,
      ),
      ...site.panels.flatMap((panel) =>
        panel.outOfRange.map((one) => `Recorded, but it cannot be so: ${one.reason}.`),
      ),
    ],
    cautions,
    lengths: settings.lengths,
  };
}

function keptWhatIfs(
  { site: { reader } }: Assessment,
  items: readonly FindingItem[],
  frame: Provenance,
): ReportData['whatIfs'] {
  return [...reader.inspection.things.values()].flatMap(({ id, type }) => {
    const says =
      type === 'what-if' && !reader.value(id, 'removed') && reader.fact(id, 'whatIfSays');
    if (!says) return [];
    const evidence = keyToday(reader, reader.value(id, 'evidenceFor') ?? '');
    const of = items.find(({ places }) =>
      places.some(({ finding: { verdict, absorbed } }) =>
        [verdict, ...absorbed].flatMap(verdictKeys).includes(evidence),
      ),
    );
    return {
      name: reader.value(id, 'name') ?? 'What if',
      says: says.value,
      finding: of?.number,
      by: nameOf(says.author, frame),
      at: says.at,
    };
  });
}

function reportPermit(assessment: Assessment): ReportPermit | undefined {
  const outcome = permitOutcome(assessment);
  if (!outcome) return undefined;
  const { settings } = assessment;
  const line = ({ verdict }: Finding) =>
    `${verdict.place.label}: ${findingWords(verdict, 'short', settings)}`;
  return {
    number: outcome.number ?? 'not recorded',
    covers: outcome.covers ?? 'not recorded',
    result: outcome.result ? permitWords[outcome.result] : 'No result yet',
    because: outcome.because,
    inside: outcome.inside.map(line),
    toSee: outcome.toSee.map(
      ({ places, say }) => `${places.map((place) => place.label).join(', ')}: ${say}`,
    ),
    outside: outcome.outside.map(line),
  };
}

/** What to do by when, gravest first. Notes ask for nothing. */
function firstThings(
  findings: readonly ReportFinding[],
  assessment: Assessment,
  frame: Provenance,
): FirstThings[] {
  const { settings } = assessment;
  return grades
    .filter((grade) => grade !== 'note')
    .flatMap((grade) => {
      const here = findings.filter((finding) => finding.grade === grade);
      if (here.length === 0) return [];
      return {
        grade,
        gradeWord: gradeWords[grade],
        by: deadlineWords(grade, settings, frame.asOf, frame.letterhead?.dates),
        advice: adviceWords(grade, assessment),
        findings: here.map((finding) => ({
          number: finding.number,
          title: `${finding.title} (${placesWords(finding)})`,
        })),
      };
    });
}

/** Screws of two circuits stand among what cannot be so; what was taken back, among what could not be placed. */
const standing = (site: SiteView) =>
  contradictionsOf(site, []).filter(({ kind }) => kind !== 'circuit');
