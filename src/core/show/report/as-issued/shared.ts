import { counted } from '../../../vocabulary/phrases';
import { gradeWords } from '../../../vocabulary/grade';
import type { Block, Item, Words } from '../blocks/block';
import { clock, item, itemIf, items, paragraph, part } from '../blocks/say';
import type { Source } from '../blocks/sheet';
import { keepAway } from '../cautions';
import { hazardsOf } from '../comparisons';
import { directoryWords } from '../directory-words';
import { isolationCaution } from '../isolation';
import { mendingWords } from '../mending';
import { unseenByStage } from './unseen-by-stage';
import type { ReportFinding, ReportPermit } from '../report';
import { severityLine } from '../severity-words';

/**
 * Words of reports that were issued before their blocks were sealed. They were written twice, for the
 * screen and for paper; each stays as it was read. Nothing here is ever reworded: what is composed
 * today stands in `../blocks`.
 */

export const plain = (text: string): Block[] => paragraph(text);
export const said = (...texts: string[]): Words => texts.filter(Boolean).map((text) => ({ text }));
export const heading = (level: 1 | 2 | 3, text: string, id?: string): Block => ({
  kind: 'heading',
  level,
  text,
  ...(id && { id }),
});
export const listOf = (texts: readonly string[]): Block => ({
  kind: 'list',
  lines: texts.map((text) => ({ words: said(text) })),
});

export const byWhom = ({ report }: Source): string =>
  report.authors.length > 0
    ? `recorded by ${report.authors.map(({ name, licence }) => (licence ? `${name} (${licence})` : name)).join(', ')}`
    : '';

export const measuredBy = ({ report }: Source): string[] => [
  `${counted(report.findings.length, 'finding')}, ${report.school}. Yardstick: ${report.yardstick}.`,
  report.differs.length > 0 ? `Differs from what is shipped: ${report.differs.join(' ')}` : '',
];

export const whereLine = ({ panelName, place, certainty, by }: ReportFinding) =>
  `${panelName}, ${place} · how sure: ${certainty} · ${by}`;

/** What a finding says before what was calculated, and after it. */
export const toldBefore = (finding: ReportFinding): Item[] => [
  ...finding.absorbed.map((words) => item('Of the same cause', words)),
  item('Why it matters here', finding.why),
  ...itemIf('What it can lead to', hazardsOf(finding)),
];
export const toldAfter = (finding: ReportFinding): Item[] => [
  item('What to ask for', finding.ask),
  ...finding.also.map((words) => item('Also, of the same cause', words)),
  ...(finding.madeSafe ? [] : finding.untilThen.map((words) => item('Meanwhile', words))),
  item('Who and when', `${finding.who}, ${finding.by}`),
  ...itemIf('Made safe', finding.madeSafe),
  ...itemIf('Grade set by hand', finding.overrule),
  item('Ways to mend it', mendingWords(finding)),
  ...itemIf('Presumed', finding.presumes.join(' ')),
];

export const calculatedTerm = ({ assumed }: NonNullable<ReportFinding['whyHere']>) =>
  assumed.length > 0 ? 'An example, calculated' : 'In this house, calculated';

export const traceLine = (line: ReportFinding['trace'][number]) =>
  `${line.because}${line.moves ? ` (${line.moves})` : ''}${line.counted ? '' : ', not counted'}: severity ${line.severity}, likelihood ${line.likelihood}, ${gradeWords[line.grade]}`;

export const severityFigures = (finding: ReportFinding) =>
  `${severityLine(finding)}. Severity ${finding.severity} of 4, likelihood ${finding.likelihood} of 5`;

export const daily = (finding: ReportFinding) =>
  [finding.ask, ...finding.also, ...finding.untilThen].join(' ');

export const toldAndAgreed = ({ report }: Source): Block[] =>
  part(
    'told',
    'Told and agreed',
    items(...report.told.map(({ label, says }) => item(label, says))),
  );

export const dangers = ({ report }: Source): Block[] =>
  part(
    'dangers',
    'What these dangers are like',
    items(...report.comparisons.map(({ hazard, says }) => item(hazard, says))),
  );

export const glossary = ({ report }: Source): Block[] =>
  part('words', 'Words', items(...report.glossary.map(({ term, says }) => item(term, says))));

/** @param from how the name of whoever noted it was set */
export const besides = (
  { report: { referrals, notes } }: Source,
  from: (by: string) => string,
): Block[] => [
  ...(referrals.length > 0
    ? part('referrals', 'For others to look at', [
        ...plain('Outside an inspection of the panel; noted, not judged.'),
        ...items(
          ...referrals.map(({ to, words, about, by }) =>
            item(`Ask ${to}`, `${[about, words].filter(Boolean).join(': ')} ${from(by)}`),
          ),
        ),
      ])
    : []),
  ...part(
    'noted',
    'Also noted',
    items(...notes.map(({ about, words, by }) => item(about, `${words} ${from(by)}`))),
  ),
];

const tableOf = (
  label: string,
  columns: readonly (readonly [title: string, share: number])[],
  rows: string[][],
): Block => ({
  kind: 'table',
  label,
  columns: columns.map(([title, share]) => ({ title, share })),
  rows,
});

export const notSeenHead = ({ report: { coverage } }: Source): Block[] => {
  const seen = coverage.found + coverage.clear;
  return [
    heading(2, 'What was not seen', 'not-seen'),
    ...plain(
      `${seen} of ${seen + coverage.notSeen} checks that apply could be made (${Math.round(coverage.seenShare * 100)} %). Not seen does not mean fine. A check is one rule at one place, so one thing not looked at can leave many open.`,
    ),
  ];
};

export const notSeenTable = ({ report, audience }: Source): Block[] =>
  report.notSeen.length === 0
    ? []
    : audience === 'client'
      ? [
          tableOf(
            'Not seen, by part of the visit',
            [
              ['Part of the visit', 2],
              ['Still to look at, or to measure', 8],
              ['Leaves open', 1.4],
            ],
            unseenByStage(report).map(({ stage, wants, checks }) => [
              stage,
              wants.join('; '),
              counted(checks, 'check'),
            ]),
          ),
        ]
      : [
          tableOf(
            'Not seen, line by line',
            [
              ['Check', 4],
              ['Where', 3],
              ['What is wanted', 4],
            ],
            report.notSeen.map((line) => [
              `${line.likely ? 'Likely a finding: ' : ''}${line.title}`,
              `${line.panelName}, ${line.places.length > 3 ? `${line.places.length} places` : line.places.join(', ')}`,
              line.say,
            ]),
          ),
        ];

export const likelyUnseen = ({ report, audience }: Source): string[] =>
  audience === 'client' && report.notSeen.length > 0
    ? unseenByStage(report).flatMap(({ likely }) => likely)
    : [];

export const doubts = ({ report }: Source): Block[] =>
  part('doubts', 'To be cleared up', report.doubts.length > 0 ? [listOf(report.doubts)] : []);

export const directory = ({ report }: Source): Block[] =>
  report.directories
    .filter(({ lines }) => lines.length > 0)
    .flatMap(({ panel, panelName, lines }) =>
      part(`directory-${panel}`, `Circuit directory, ${panelName}`, [
        tableOf(
          `Circuit directory, ${panelName}`,
          [
            ['Breaker', 1],
            ['Rating', 1],
            ['Feeds', 6],
            ['Known by', 2],
          ],
          lines.map(directoryWords),
        ),
      ]),
    );

export const findingTable = ({ report: { findings } }: Source): Block[] =>
  part('all-findings', 'Findings and sources', [
    ...(findings.length === 0 ? plain('Nothing was found in what was recorded.') : []),
    tableOf(
      'Findings and sources',
      [
        ['No.', 0.6],
        ['Where', 2.2],
        ['What was seen', 5],
        ['Grade, by when', 2.2],
        ['Source', 4],
      ],
      findings.map((finding) => [
        String(finding.number),
        `${finding.panelName}, ${finding.place}`,
        finding.seen,
        `${finding.gradeWord}, ${finding.by}`,
        [...finding.sources, finding.since].filter(Boolean).join('; '),
      ]),
    ),
  ]);

/** @param inside how the lines inside the work were headed */
export const permitResult = (permit: ReportPermit | undefined, inside: string): Block[] =>
  permit
    ? part('permit-result', `Permit ${permit.number}: ${permit.result}`, [
        ...plain(`Covers: ${permit.covers}. ${permit.because}.`),
        ...(
          [
            [inside, permit.inside],
            ['Inside the work, still to be seen', permit.toSee],
            ['Outside the work, told to the owner', permit.outside],
          ] as const
        ).flatMap(([title, lines]) => (lines.length > 0 ? [heading(3, title), listOf(lines)] : [])),
      ])
    : [];

export const noPermitWords =
  'This was not recorded as a permit inspection. No pass, correction or refusal is given; what was found stands below with its sources.';

export const photosOf = (
  report: Source['report'],
  numbers: readonly number[],
  captionOf: (says: string, number: number, taken: string) => string,
): Block[] => {
  const photos = report.photos.filter(({ number }) => numbers.includes(number));
  return photos.length === 0
    ? []
    : [
        {
          kind: 'photos',
          photos: photos.map(({ number, digest, width, height, caption, about, pin, by, at }) => ({
            number,
            digest,
            width,
            height,
            pin,
            alt: `Photo ${number}: ${caption ?? about ?? 'without a caption'}`,
            caption: captionOf(
              [caption, about].filter(Boolean).join('. '),
              number,
              `${by}, ${clock(at)}`,
            ),
          })),
        },
      ];
};

export const otherPhotoNumbers = ({ report }: Source) =>
  report.photos.filter(({ findings }) => findings.length === 0).map(({ number }) => number);
export const allPhotoNumbers = ({ report }: Source) => report.photos.map(({ number }) => number);

/** What a place asks for besides its findings. */
export const atThePlace = (
  findings: readonly ReportFinding[],
  toBeOff: string | undefined,
): Item[] => [
  ...distinct(findings.flatMap(({ exact }) => exact)).map((words) => item('There', words)),
  ...itemIf('To be off', toBeOff),
  ...itemIf('Torque', findings[0]!.torque),
  item(
    'Read and record after',
    distinct(findings.flatMap(({ readingsAfter }) => readingsAfter)).join('; '),
  ),
];

/** @param seen what was found, as it was set @param source what it rests on, as it was set */
export const workItems = (finding: ReportFinding, seen: string, source: string): Item[] => [
  item('Found', seen),
  ...itemIf('Of the same cause', finding.absorbed.join('; ')),
  item('To do', finding.ask),
  ...finding.also.map((words) => item('To do too', words)),
  item('Ways', mendingWords(finding)),
  ...itemIf('Calculated', finding.whyHere?.sentence),
  ...itemIf('Made safe', finding.madeSafe),
  item('Source', source),
  ...itemIf('Photos', finding.photos.join(', ')),
];

export const distinct = (words: readonly string[]) => [...new Set(words)];

export const recordParts = ({ record }: Source, entriesTitle: string): Block[] =>
  record
    ? [
        ...part(
          'settings',
          'Settings it was graded by',
          items(...record.settings.map(({ term, says }) => item(term, says))),
        ),
        ...part('entries', entriesTitle, [
          tableOf(
            'Every entry',
            [
              ['When', 2],
              ['Who, on what', 2.4],
              ['About', 2.4],
              ['Says', 5],
              ['Entry', 2],
            ],
            record.lines.map(({ at, by, device, about, says, id }) => [
              clock(at),
              `${by}, ${device}`,
              about,
              says,
              id,
            ]),
          ),
        ]),
      ]
    : [];

export const panelLabels = ({ report }: Source): Block[] => [
  heading(3, 'Panels: label, supply and room left'),
  ...items(...report.panels.map(({ name, label }) => item(name, label))),
];

export { isolationCaution, keepAway };
