import { gradeWords } from '../../../vocabulary/grade';
import { capital } from '../../../vocabulary/phrases';
import { hazardsOf } from '../comparisons';
import { gradeSentence } from '../grade-sentence';
import { mendingWords } from '../mending';
import { eachPlace, numberWords, placesWords } from '../places';
import type { PlacedFinding } from '../places';
import type { ReportFinding, ReportPlace } from '../report';
import type { Block, Item } from './block';
import { photoBlocks } from './photos';
import { clock, item, itemIf, items, paragraph, part, quiet, run, strong } from './say';
import type { Source } from './sheet';

/** Number, grade and title; where (unless it stands above), how sure, by when. */
export const findingHead = (
  finding: ReportFinding & { letter?: string },
  where = true,
): Block[] => [
  {
    kind: 'heading',
    level: 3,
    text: `${numberWords(finding)} ${finding.gradeWord}: ${finding.title}`,
    grade: finding.grade,
  },
  ...paragraph(
    quiet(
      `${where ? `${placesWords(finding)} · ` : ''}how sure: ${sureWords(finding)} · ${finding.by}`,
    ),
  ),
];

/** How sure, of all places where they agree. */
const sureWords = ({ places }: Pick<ReportFinding, 'places'>): string =>
  [...new Set(places.map(({ certainty }) => certainty))].join(', ');

/** Gravest first, in plain words with this panel's numbers. */
export const plainFindings = ({ report }: Source): Block[] =>
  part('all-findings', 'Findings', [
    ...nothingFound(report.findings),
    ...report.findings.map((finding): Block => ({
      kind: 'keep',
      id: `finding-${finding.number}`,
      blocks: [
        ...findingHead(finding),
        ...items(...seenOnce(finding)),
        ...photoBlocks(report.photos.filter(({ number }) => finding.photos.includes(number))),
        ...items(...plain(finding)),
      ],
    })),
  ]);

/** What was seen: once where the places are alike but for their names, else a line each. */
export function seenOnce(finding: ReportFinding, term = 'What was seen'): Item[] {
  const [first] = finding.places as [ReportPlace];
  if (finding.places.length === 1) return [item(term, first.seen)];
  const alike = alikeButForPlace(finding);
  return [
    item(
      term,
      ...(alike
        ? [first.seen, quiet(` The same at ${finding.places.slice(1).map(whereOf).join(', ')}.`)]
        : finding.places.map((one) => run(`${whereOf(one)}: ${one.short}. `))),
    ),
  ];
}

/** Whether the places differ in nothing but their names. */
export const alikeButForPlace = ({ places }: Pick<ReportFinding, 'places'>): boolean =>
  new Set(places.map(({ short, place }) => short.replaceAll(place, ''))).size === 1;

const whereOf = ({ letter, place }: ReportPlace): string => `${letter} ${place}`.trim();

/** What the client needs of a finding; of a danger, what to do today stands on the first page. */
function plain(finding: ReportFinding): Item[] {
  const danger = finding.grade === 'danger';
  return [
    ...sameCauses(finding),
    item('Why it matters here', finding.why),
    ...calculations(finding),
    ...(danger ? [] : asks(finding)),
    ...itemIf('Made safe', finding.madeSafe),
    item('How grave, how soon', gradeSentence(finding)),
    ...itemIf('Grade set by hand', finding.overrule && gradeNotSaid(finding)),
    item('Who, and ways to mend it', `${capital(finding.who)}. ${mendingWords(finding)}`),
    ...itemIf('Presumed', finding.presumes.join(' ')),
  ];
}

/** The hand-set grade, where the sentence of the grade does not say it already. */
const gradeNotSaid = (finding: ReportFinding): string | undefined =>
  finding.overrule && !gradeSentence(finding).includes(finding.overrule)
    ? finding.overrule
    : undefined;

/** With every reason, source and author. */
export const wholeFindings = ({ report }: Source): Block[] =>
  part('all-findings', 'Findings', [
    ...nothingFound(report.findings),
    ...report.findings.map((finding): Block => ({
      kind: 'keep',
      id: `finding-${finding.number}`,
      blocks: [
        ...findingHead(finding),
        ...items(
          ...eachPlace(finding).map((one) =>
            item(
              one.letter ? `${one.letter} ${one.panelName}, ${one.place}` : 'What was seen',
              one.seen,
            ),
          ),
          ...told(finding),
          item('Source', sourcesOf(finding)),
          ...itemIf('Photos', finding.photos.join(', ')),
        ),
        ...eachPlace(finding).flatMap(reasons),
      ],
    })),
  ]);

/** Why a place has its grade, and what that rests on. */
const reasons = (finding: PlacedFinding): Block[] => {
  const of = finding.letter ? `, ${finding.letter} ${finding.place}` : '';
  return [
    { kind: 'heading', level: 3, text: `Why this grade${of}` },
    {
      kind: 'list',
      counted: true,
      lines: finding.trace.map((line) => ({
        words: [
          run(
            `${line.because}${line.moves ? ` (${line.moves})` : ''}${line.counted ? '' : ', not counted'}: severity ${line.severity}, likelihood ${line.likelihood}, ${gradeWords[line.grade]}`,
            line.counted ? undefined : 'quiet',
          ),
        ],
      })),
    },
    { kind: 'heading', level: 3, text: `Recorded${of}` },
    {
      kind: 'list',
      lines: finding.recorded.map(({ says, by, at, entry }) => ({
        words: [{ text: `${says} (${by}, ${clock(at)}, entry ${entry})` }],
      })),
    },
  ];
};

/** Why it matters, what to ask for, of whom, by when, and the ways to mend it. */
const told = (finding: ReportFinding): Item[] => [
  ...sameCauses(finding),
  item('Why it matters here', finding.why),
  ...itemIf('What it can lead to', hazardsOf(finding)),
  ...calculations(finding),
  ...asks(finding),
  item('How grave, how soon', gradeSentence(finding)),
  item('Who and when', `${finding.who}, ${finding.by}`),
  ...itemIf('Made safe', finding.madeSafe),
  ...itemIf('Grade set by hand', finding.overrule),
  item('Ways to mend it', mendingWords(finding)),
  ...itemIf('Presumed', finding.presumes.join(' ')),
];

const asks = (finding: ReportFinding): Item[] => [
  item('What to ask for', finding.ask),
  ...distinct(finding.places.flatMap(({ also }) => also)).map((words) =>
    item('Also, of the same cause', words),
  ),
  ...(finding.madeSafe ? [] : finding.untilThen.map((words) => item('Meanwhile', strong(words)))),
];

const sameCauses = ({ places }: Pick<ReportFinding, 'places'>): Item[] =>
  distinct(places.flatMap(({ absorbed }) => absorbed)).map((words) => item(sameCause, words));

/** What the circuit model says, each once. */
const calculations = ({ places }: Pick<ReportFinding, 'places'>): Item[] => {
  const said = new Map(
    places.flatMap(({ whyHere }) => (whyHere ? [[whyHere.sentence, whyHere] as const] : [])),
  );
  return [...said.values()].map(calculated);
};

const calculated = (why: NonNullable<ReportFinding['whyHere']>): Item => ({
  ...item(
    why.assumed.length > 0 ? 'An example, calculated' : 'In this house, calculated',
    why.sentence,
    quiet(why.assumed.length > 0 ? ` Assumed for it: ${why.assumed.join('; ')}.` : ''),
  ),
  figure: why,
});

const distinct = (words: readonly string[]) => [...new Set(words)];

export const sameCause = 'Of the same cause';

export const nothingFound = (findings: readonly ReportFinding[]): Block[] =>
  paragraph(
    findings.length > 0
      ? ''
      : 'Nothing was found in what was recorded. What was not seen is listed below, and is not fine by being unseen.',
  );

/** Texts it rests on, and since when they say so, of each place where that differs. */
export const sourcesOf = ({
  sources,
  places,
}: Pick<ReportFinding, 'sources' | 'places'>): string => {
  const since = distinct(places.flatMap((one) => one.since ?? []));
  const said =
    since.length > 1
      ? places.flatMap((one) => (one.since ? `${whereOf(one)}: ${one.since}` : []))
      : since;
  return [...sources, ...said].join('; ');
};
