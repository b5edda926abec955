import { gradeWords } from '../../../vocabulary/grade';
import { hazardsOf } from '../comparisons';
import { mendingWords } from '../mending';
import type { ReportFinding } from '../report';
import { severityLine } from '../severity-words';
import type { Block, Item } from './block';
import { photoBlocks } from './photos';
import { clock, item, itemIf, items, paragraph, part, quiet, run, strong } from './say';
import type { Source } from './sheet';

/** Number, grade and title; where (unless it stands above), how sure, by when. */
export const findingHead = (finding: ReportFinding, where = true): Block[] => [
  {
    kind: 'heading',
    level: 3,
    text: `${finding.number} ${finding.gradeWord}: ${finding.title}`,
    grade: finding.grade,
  },
  ...paragraph(
    quiet(
      `${where ? `${finding.panelName}, ${finding.place} · ` : ''}how sure: ${finding.certainty} · ${finding.by}`,
    ),
  ),
];

/** Gravest first, in plain words with this panel's numbers. */
export const plainFindings = ({ report }: Source): Block[] =>
  part('all-findings', 'Findings', [
    ...nothingFound(report.findings),
    ...report.findings.map((finding): Block => ({
      kind: 'keep',
      id: `finding-${finding.number}`,
      blocks: [
        ...findingHead(finding),
        ...items(item('What was seen', finding.seen)),
        ...photoBlocks(report.photos.filter(({ number }) => finding.photos.includes(number))),
        ...items(...told(finding), item('How it was graded', gradedWords(finding))),
      ],
    })),
  ]);

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
          item('What was seen', finding.seen),
          ...told(finding),
          item('Source', sourcesOf(finding)),
          ...itemIf('Photos', finding.photos.join(', ')),
        ),
        { kind: 'heading', level: 3, text: 'Why this grade' },
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
        { kind: 'heading', level: 3, text: 'Recorded' },
        {
          kind: 'list',
          lines: finding.recorded.map(({ says, by, at, entry }) => ({
            words: [{ text: `${says} (${by}, ${clock(at)}, entry ${entry})` }],
          })),
        },
      ],
    })),
  ]);

/** Why it matters, what to ask for, of whom, by when, and the ways to mend it. */
const told = (finding: ReportFinding): Item[] => [
  ...finding.absorbed.map((words) => item(sameCause, words)),
  item('Why it matters here', finding.why),
  ...itemIf('What it can lead to', hazardsOf(finding)),
  ...(finding.whyHere ? [calculated(finding.whyHere)] : []),
  item('What to ask for', finding.ask),
  ...finding.also.map((words) => item('Also, of the same cause', words)),
  ...(finding.madeSafe ? [] : finding.untilThen.map((words) => item('Meanwhile', strong(words)))),
  item('Who and when', `${finding.who}, ${finding.by}`),
  ...itemIf('Made safe', finding.madeSafe),
  ...itemIf('Grade set by hand', finding.overrule),
  item('Ways to mend it', mendingWords(finding)),
  ...itemIf('Presumed', finding.presumes.join(' ')),
];

const calculated = (why: NonNullable<ReportFinding['whyHere']>): Item => ({
  ...item(
    why.assumed.length > 0 ? 'An example, calculated' : 'In this house, calculated',
    why.sentence,
    quiet(why.assumed.length > 0 ? ` Assumed for it: ${why.assumed.join('; ')}.` : ''),
  ),
  figure: why,
});

export const sameCause = 'Of the same cause';

export const nothingFound = (findings: readonly ReportFinding[]): Block[] =>
  paragraph(
    findings.length > 0
      ? ''
      : 'Nothing was found in what was recorded. What was not seen is listed below, and is not fine by being unseen.',
  );

export const sourcesOf = ({ sources, since }: ReportFinding) =>
  [...sources, since].filter(Boolean).join('; ');

/** The result in one sentence. */
const gradedWords = (finding: ReportFinding) =>
  `${finding.gradeWord}: ${severityLine(finding)}. Severity ${finding.severity} of 4, likelihood ${finding.likelihood} of 5; every step is in the whole record.`;
