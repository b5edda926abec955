import { counted } from '../../../vocabulary/phrases';
import { unseenByStage } from '../not-seen';
import type { Block } from './block';
import { paragraph, part, quiet, strong, table } from './say';
import type { Source } from './sheet';

/** What was not seen: for the client by what would have to be looked at, else line by line. */
export function notSeen({ report, audience }: Source): Block[] {
  const { coverage } = report;
  const seen = coverage.found + coverage.clear;
  return part('not-seen', 'What was not seen', [
    ...paragraph(
      `${seen} of ${seen + coverage.notSeen} checks that apply could be made (${Math.round(coverage.seenShare * 100)} %). Not seen does not mean fine. A check is one rule at one place, so one thing not looked at can leave many open.`,
    ),
    ...(report.notSeen.length === 0
      ? []
      : audience === 'client'
        ? byStage(report)
        : lineByLine(report)),
  ]);
}

function byStage(report: Source['report']): Block[] {
  const stages = unseenByStage(report);
  return [
    ...stages
      .flatMap(({ likely }) => likely)
      .flatMap((words) => paragraph(strong('Likely a finding, not settled.'), ` ${words}`)),
    table(
      'Not seen, by part of the visit',
      [
        ['Part of the visit', 2],
        ['Still to look at, or to measure', 8],
        ['Leaves open', 1.4],
      ],
      stages.map(({ stage, wants, checks }) => [stage, wants.join('; '), counted(checks, 'check')]),
    ),
    ...paragraph(quiet('Line by line, with places, in the whole record.')),
  ];
}

const lineByLine = ({ notSeen: lines }: Source['report']): Block[] => [
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

/** What contradicts itself, or could not be placed. */
export const doubts = ({ report }: Source): Block[] =>
  part(
    'doubts',
    'To be cleared up',
    report.doubts.length > 0
      ? [{ kind: 'list', lines: report.doubts.map((text) => ({ words: [{ text }] })) }]
      : [],
  );
