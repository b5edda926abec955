import { capital } from '../../../vocabulary/phrases';
import { gradeKeyWords, gradeWords, grades } from '../../../vocabulary/grade';
import type { Block } from '../blocks/block';
import { clock, item, itemIf, items, paragraph, part, strong } from '../blocks/say';
import type { Source } from '../blocks/sheet';
import { clockDay, dayWords } from '../dates';
import { levelWords } from '../readings';
import type { ReportFinding } from '../report';
import { workList } from './work-list';
import {
  allPhotoNumbers,
  atThePlace,
  besides,
  byWhom,
  calculatedTerm,
  daily,
  dangers,
  directory,
  distinct,
  doubts,
  findingTable,
  glossary,
  heading,
  isolationCaution,
  keepAway,
  likelyUnseen,
  listOf,
  measuredBy,
  noPermitWords,
  notSeenHead,
  notSeenTable,
  otherPhotoNumbers,
  panelLabels,
  permitResult,
  photosOf,
  plain,
  recordParts,
  said,
  severityFigures,
  toldAfter,
  toldAndAgreed,
  toldBefore,
  traceLine,
  whereLine,
  workItems,
} from './shared';

/** The screen of a report that was issued before blocks were sealed, as it was read. */
export function screenAsIssued(source: Source): Block[] {
  const { report, audience } = source;
  const drawn = drawings(source);
  const bodies: Record<Source['audience'], () => Block[]> = {
    client: () => [
      { kind: 'beside', first: [...summary(source), ...firstThings(source)], second: drawn },
      ...closing(source),
      ...gradeKey(source),
      ...findings(source, true),
      ...dangers(source),
      ...toldAndAgreed(source),
      ...permitResult(report.permit, 'Inside the work'),
      ...readings(source),
      ...photos(source, 'Other photos', otherPhotoNumbers(source)),
      ...besides(source, (by) => by),
      ...notSeen(source),
      ...shutOffCard(source),
      ...directory(source),
      ...glossary(source),
    ],
    electrician: () => [
      ...summary(source),
      ...closing(source),
      ...toldAndAgreed(source),
      ...work(source),
      ...drawn,
      ...readings(source),
      ...directory(source),
      ...photos(source, 'Photos', allPhotoNumbers(source)),
      ...besides(source, (by) => by),
      ...notSeen(source),
    ],
    official: () => [
      ...summary(source),
      ...closing(source),
      ...(report.permit
        ? permitResult(report.permit, 'Inside the work')
        : paragraph(strong(noPermitWords))),
      ...findingTable(source),
      ...toldAndAgreed(source),
      ...notSeen(source),
      ...drawn,
    ],
    record: () => [
      ...summary(source),
      ...firstThings(source),
      ...closing(source),
      ...permitResult(report.permit, 'Inside the work'),
      ...drawn,
      ...toldAndAgreed(source),
      ...findings(source, false),
      ...readings(source),
      ...photos(source, 'Photos', allPhotoNumbers(source)),
      ...besides(source, (by) => by),
      ...notSeen(source),
      ...directory(source),
      ...recordParts(source, `Every entry: ${source.record?.lines.length}`),
    ],
  };
  return [
    ...title(source),
    ...bodies[audience](),
    heading(2, 'Look, do not touch', 'cautions'),
    listOf(report.cautions),
  ];
}

const title = (source: Source): Block[] => {
  const { report, signed } = source;
  const first = [report.place, report.address].filter(Boolean).join(', ');
  return [
    ...paragraph(
      strong(
        signed
          ? `${report.closing ? 'Closing report' : 'Report'} ${signed.number}, issued ${dayWords(signed.issuedOn)}, signed ${[signed.signedName, signed.licence].filter(Boolean).join(', ')}`
          : 'A draft: not issued, not signed.',
      ),
    ),
    ...plain(signed?.changes ? `This revision changes: ${signed.changes}` : ''),
    ...plain(`Panel report · ${first}${report.client ? ` · for ${report.client}` : ''}`),
    ...plain(
      [
        report.asOf ? `As of ${report.asOf}` : 'Nothing recorded yet',
        byWhom(source),
        report.organisation,
      ]
        .filter(Boolean)
        .join(' · '),
    ),
  ];
};

const summary = (source: Source): Block[] => [
  ...source.report.head.map((words): Block => ({
    kind: 'paragraph',
    words: said(words),
    style: 'alarm',
  })),
  { kind: 'paragraph', words: said(source.report.summary.join(' ')), style: 'lead' },
  ...measuredBy(source).flatMap(plain),
];

const firstThings = ({ report }: Source): Block[] =>
  part(
    'first',
    'What to do first',
    report.firstThings.flatMap((thing): Block[] => [
      {
        kind: 'heading',
        level: 3,
        text: `${gradeWords[thing.grade]} ${thing.by}`,
        grade: thing.grade,
      },
      ...plain(thing.advice),
      {
        kind: 'list',
        lines: thing.findings.map(({ number, title }) => ({
          words: [{ ...strong(String(number)), to: `finding-${number}` }, { text: ` ${title}` }],
        })),
      },
      ...(thing.grade === 'danger'
        ? [
            {
              kind: 'callout',
              blocks: [
                ...report.findings
                  .filter(({ grade }) => grade === 'danger')
                  .flatMap((finding) =>
                    paragraph(
                      strong(String(finding.number)),
                      ` ${finding.madeSafe ? `Made safe: ${finding.madeSafe}` : daily(finding)}`,
                    ),
                  ),
                ...paragraph(strong(keepAway)),
              ],
            } as const,
          ]
        : []),
    ]),
  );

const drawings = ({ drawings: drawn }: Source): Block[] =>
  Object.entries(drawn).flatMap(([of, { name, drawn: isDrawn, elsewhere }]): Block[] => [
    heading(3, name),
    ...(isDrawn
      ? [{ kind: 'drawing', of } as const]
      : plain('How many positions it has was not recorded, so it is not drawn.')),
    ...plain(
      elsewhere.length > 0
        ? `Not on this drawing: ${elsewhere.map(({ number, says }) => `${number} ${says}`).join('; ')}.`
        : '',
    ),
  ]);

function closing({ report }: Source): Block[] {
  if (!report.closing) return [];
  const { of, items: all, fresh, open } = report.closing;
  return part('closing', `What became of report ${of}`, [
    ...plain(open === 0 ? 'Everything in it is mended.' : `${open} still open.`),
    listOf([
      ...all.map(
        ({ number, title: words, place, before, nowWords, words: more, disagrees }) =>
          `${number} ${words}, ${place}: was ${gradeWords[before.grade]}; ${[nowWords, more, disagrees].filter(Boolean).join('. ')}`,
      ),
      ...fresh.map(({ title: words, place, short }) => `New: ${words}, ${place}: ${short}`),
    ]),
  ]);
}

const gradeKey = ({ report }: Source): Block[] => [
  {
    kind: 'list',
    lines: grades.map((grade) => ({
      grade,
      words: [
        strong(
          `${gradeWords[grade]} ${report.findings.filter((one) => one.grade === grade).length}`,
        ),
        { text: ` ${gradeKeyWords(grade)}` },
      ],
    })),
  },
];

const head = (finding: ReportFinding): Block[] => [
  {
    kind: 'heading',
    level: 3,
    text: `${finding.number} ${gradeWords[finding.grade]} ${finding.title}`,
    grade: finding.grade,
  },
  ...plain(whereLine(finding)),
];

const findings = (source: Source, pictures: boolean): Block[] =>
  part('all-findings', 'Findings', [
    ...nothingFound(source),
    ...source.report.findings.map((finding): Block => ({
      kind: 'keep',
      id: `finding-${finding.number}`,
      blocks: [
        ...head(finding),
        ...items(item('What was seen', finding.seen)),
        ...(pictures ? photosOf(source.report, finding.photos, captionOf) : []),
        ...told(finding, pictures ? '' : finding.photos.join(', ')),
        reasons(finding, !pictures),
      ],
    })),
  ]);

const nothingFound = ({ report }: Source): Block[] =>
  plain(
    report.findings.length > 0
      ? ''
      : 'Nothing was found in what was recorded. What was not seen is listed below, and is not fine by being unseen.',
  );

function told(finding: ReportFinding, photoNumbers: string): Block[] {
  const { whyHere: why } = finding;
  const rest = [...toldAfter(finding), ...itemIf('Photos', photoNumbers)];
  if (!why) return items(...toldBefore(finding), ...rest);
  return [
    ...items(...toldBefore(finding), { ...item(calculatedTerm(why), why.sentence), figure: why }),
    ...(why.assumed.length > 0
      ? [
          {
            kind: 'fold',
            title: 'Calculated; what was assumed for it',
            open: false,
            blocks: [listOf(why.assumed)],
          } as const,
        ]
      : []),
    ...items(...rest),
  ];
}

const reasons = (finding: ReportFinding, open: boolean): Block => ({
  kind: 'fold',
  title: 'Why this grade, its sources, and who recorded it',
  open,
  blocks: [
    { ...listOf(finding.trace.map(traceLine)), counted: true } as Block,
    ...plain(`${capital(severityFigures(finding))}.`),
    ...plain(`${finding.sources.join(' · ')}${finding.since ? ` · ${finding.since}` : ''}`),
    listOf(finding.recorded.map(({ says, by, at }) => `${says}, ${by}, ${clock(at)}`)),
  ],
});

const readings = ({ report }: Source): Block[] => [
  ...part(
    'readings',
    'Readings',
    report.readings.length > 0
      ? [
          listOf(
            report.readings.map((one) => {
              const level = levelWords[one.level];
              const verdict =
                one.verdict.toLowerCase() === level.toLowerCase() ? '' : `: ${one.verdict}`;
              return `${one.words}, ${one.panelName} ${one.value} ${level}${verdict} ${one.limits ? `${one.limits} · ` : ''}${one.by}, ${clock(one.at)}, ${one.instrument}`;
            }),
          ),
        ]
      : [],
  ),
  ...part(
    'what-ifs',
    'What would happen, calculated',
    report.whatIfs.flatMap(({ name, says, finding, by, at }) =>
      paragraph(
        strong(name),
        `${finding === undefined ? '' : `, for finding ${finding}`}: ${says} ${by}, ${clockDay(at)}`,
      ),
    ),
  ),
];

const captionOf = (says: string, number: number, taken: string) =>
  `Photo ${number}. ${says}. ${taken}`;

const photos = ({ report }: Source, name: string, numbers: readonly number[]): Block[] =>
  part('photos', name, photosOf(report, numbers, captionOf));

const notSeen = (source: Source): Block[] => [
  ...notSeenHead(source),
  ...likelyUnseen(source).flatMap((words) =>
    paragraph(strong('Likely a finding, not settled.'), ` ${words}`),
  ),
  ...notSeenTable(source),
  ...doubts(source),
];

const mustStayOn = ({ report }: Source): Block[] =>
  report.staysOn ? paragraph(strong('Must stay on, as told:'), ` ${report.staysOn}`) : [];

const shutOffCard = (source: Source): Block[] =>
  source.report.shutOff.length === 0
    ? []
    : [
        {
          kind: 'page',
          blocks: part('shut-off', 'Shut-off card', [
            ...plain(
              `Print it and keep it by the panel. Stand on a dry floor, use the handles only, leave every cover on. ${keepAway}`,
            ),
            ...source.report.shutOff.map(({ panelName, how, staysLive }): Block => ({
              kind: 'callout',
              blocks: [
                heading(3, panelName),
                ...how.flatMap(plain),
                ...plain(`Stays live all the same: ${staysLive}.`),
              ],
            })),
            ...mustStayOn(source),
          ]),
        },
      ];

const work = (source: Source): Block[] =>
  part('all-findings', 'Work by place', [
    ...paragraph(strong(isolationCaution)),
    ...mustStayOn(source),
    ...nothingFound(source),
    ...workList(source.report).map(({ panelName, place, findings: here }): Block => ({
      kind: 'keep',
      blocks: [
        heading(3, `${panelName}, ${place}`),
        ...here.flatMap((finding): Block[] => [
          { kind: 'keep', id: `finding-${finding.number}`, blocks: head(finding) },
          ...items(
            ...workItems(
              finding,
              finding.seen,
              [...finding.sources, finding.since].filter(Boolean).join(' · '),
            ),
          ),
        ]),
        ...items(
          ...atThePlace(
            here,
            here[0]!.isolation && distinct(here.map(({ isolation }) => isolation)).join(' '),
          ),
        ),
      ],
    })),
    ...panelLabels(source),
  ]);
