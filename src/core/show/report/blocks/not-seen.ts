import { capital } from '../../../vocabulary/phrases';
import { stages } from '../../../fieldwork/walk/stages';
import type { ReportVisit } from '../report';
import type { Block } from './block';
import { paragraph, part, quiet, strong, table } from './say';
import type { Source } from './sheet';

/** What was agreed and not seen: nobody who is not qualified is told to open, tug or measure. */
export function notSeen(source: Source): Block[] {
  const { report, audience } = source;
  const { visit, findings } = report;
  if (!visit) return [];
  // Whoever mends reads what bears on the work: what was left open at panels with findings.
  const atWork = new Set(findings.flatMap(({ places }) => places.map(({ panel }) => panel)));
  const bearing =
    audience === 'electrician'
      ? visit.notMade.filter(
          ({ panel, stage }) => panel !== undefined && atWork.has(panel) && ofWork.has(stage),
        )
      : visit.notMade;
  const left = visit.notMade.length - bearing.length;
  return part('not-seen', 'What was not seen', [
    ...paragraph(`${countedWords(visit)} Not seen does not mean fine.`),
    ...bearing
      .flatMap(({ likely }) => likely)
      .flatMap((words) => paragraph(strong('Likely a finding, not settled.'), ` ${words}.`)),
    ...(bearing.length === 0
      ? []
      : [audience === 'client' ? forLaymen(bearing) : forTheQualified(bearing)]),
    ...paragraph(visit.outside ?? ''),
    ...paragraph(
      visit.beyond.length > 0
        ? quiet(
            `Got by an act that was not agreed, kept and used all the same: ${visit.beyond.join('; ')}.`,
          )
        : '',
    ),
    ...paragraph(
      quiet(
        audience === 'record'
          ? ''
          : left > 0
            ? 'What else was not seen, and every check at every place, is in the whole record.'
            : 'Every check at every place is in the whole record.',
      ),
    ),
    ...(audience === 'record' ? lineByLine(report) : []),
  ]);
}

/** Stages of the panel itself: what whoever works on it will have before him. */
const ofWork: ReadonlySet<string> = new Set(
  stages.flatMap(({ number, name }) => (number >= 5 && number <= 9 ? name : [])),
);

/** "41 of 44 agreed looks were made." */
const countedWords = ({ made, agreed, acts, notMade }: ReportVisit): string =>
  agreed === 0
    ? 'Nothing was recorded yet.'
    : `${made} of ${agreed} agreed ${acts} were made${notMade.length > 0 ? `; ${notMade.length} not, or not wholly` : ''}.`;

const reason = ({ because, by }: ReportVisit['notMade'][number]): string =>
  [because ? capital(because) : 'No reason was recorded', by].filter(Boolean).join('. ');

/** The gravest by name, the rest by their number: all stand in the whole record. */
const few = (facts: readonly string[]): string =>
  facts.length <= mostNamed + 1
    ? facts.join(', ')
    : `${facts.slice(0, mostNamed).join(', ')} and ${facts.length - mostNamed} more`;
const mostNamed = 6;

/** By part of the visit, in names of things: nothing a layman could take for an order. */
function forLaymen(lines: ReportVisit['notMade']): Block {
  const stages = [...new Set(lines.map(({ stage }) => stage))];
  const facts = (some: ReportVisit['notMade']) => [...new Set(some.flatMap((one) => one.facts))];
  const reasons = lines.some(({ because }) => because);
  return table(
    'Agreed and not seen',
    [
      ['Part of the visit', 1.6],
      ['Not examined', 6],
      ...(reasons ? ([['Why', 2.6]] as const) : []),
    ],
    stages.map((stage) => {
      const here = lines.filter((one) => one.stage === stage);
      const eye = facts(here.filter(({ looking }) => looking));
      const qualified = facts(here.filter(({ looking }) => !looking));
      const why = [...new Set(here.filter(({ because }) => because).map(reason))];
      return [
        stage,
        [
          eye.length > 0 && `${capital(few(eye))}.`,
          qualified.length > 0 && `For qualified people only: ${few(qualified)}.`,
        ]
          .filter(Boolean)
          .join(' '),
        ...(reasons ? [why.length > 0 ? why.join('. ') : 'No reason was recorded'] : []),
      ];
    }),
  );
}

function forTheQualified(lines: ReportVisit['notMade']): Block {
  const reasons = lines.some(({ because, by }) => because ?? by);
  return table(
    'Agreed and not seen',
    [['Where', 2.4], ['Still to do', 6], ...(reasons ? ([['Why it was not', 2.4]] as const) : [])],
    lines.map((line) => [line.what, line.wants.join('; '), ...(reasons ? [reason(line)] : [])]),
  );
}

/** Every check at every place, with how many of all were made. */
const lineByLine = ({ notSeen: lines, coverage }: Source['report']): Block[] => {
  const seen = coverage.found + coverage.clear;
  return lines.length === 0
    ? []
    : [
        ...paragraph(
          quiet(
            `Check by check, a check being one rule at one place: ${seen} of ${seen + coverage.notSeen} that apply could be made.`,
          ),
        ),
        table(
          'Not seen, line by line',
          [
            ['Check', 4],
            ['Where', 3],
            ['What is wanted', 4],
          ],
          lines.map((line) => [
            `${line.likely ? 'Likely a finding: ' : ''}${line.title}`,
            `${line.panelName}, ${line.places.length > 3 ? `${line.places.length} places` : line.places.join(', ')}`,
            line.say,
          ]),
        ),
      ];
};

/** What contradicts itself, or could not be placed. */
export const doubts = ({ report }: Source): Block[] =>
  part(
    'doubts',
    'To be cleared up',
    report.doubts.length > 0
      ? [{ kind: 'list', lines: report.doubts.map((text) => ({ words: [{ text }] })) }]
      : [],
  );
