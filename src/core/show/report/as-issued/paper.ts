import { counted } from '../../../vocabulary/phrases';
import { audienceWords } from '../audience';
import type { Block } from '../blocks/block';
import { clock, item, itemIf, items, paragraph, part, strong } from '../blocks/say';
import type { Source } from '../blocks/sheet';
import { dayWords } from '../dates';
import { levelWords } from '../readings';
import { reassures } from '../summary';
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

type Part = (source: Source) => Block[];

const permit: Part = ({ report }) => permitResult(report.permit, 'Inside the work, to correct');
const noted: Part = (source) => besides(source, (by) => `(${by})`);

/** The PDF of a report that was issued before blocks were sealed, as it was read. */
export const paperAsIssued = (source: Source, seal: string | undefined): Block[] => {
  const order: Record<Source['audience'], readonly Part[]> = {
    client: [
      firstThings,
      caution,
      closing,
      drawings,
      plainFindings,
      dangers,
      toldAndAgreed,
      permit,
      readings,
      photos('Other photos', otherPhotoNumbers),
      noted,
      notSeen,
      doubts,
      glossary,
      shutOffCard,
      directory,
    ],
    electrician: [
      caution,
      closing,
      toldAndAgreed,
      work,
      drawings,
      readings,
      directory,
      photos('Photos', allPhotoNumbers),
      noted,
      notSeen,
      doubts,
    ],
    official: [
      permit,
      ({ report }) =>
        report.permit ? [] : [heading(2, 'No permit result'), ...plain(noPermitWords)],
      toldAndAgreed,
      closing,
      ({ report, ...rest }) =>
        findingTable({ report, ...rest }).filter(
          ({ kind }) => kind !== 'table' || report.findings.length > 0,
        ),
      notSeen,
      doubts,
      drawings,
      caution,
    ],
    record: [
      firstThings,
      closing,
      permit,
      drawings,
      toldAndAgreed,
      wholeFindings,
      readings,
      photos('Photos', allPhotoNumbers),
      noted,
      notSeen,
      doubts,
      directory,
      (one) => (one.record ? [{ kind: 'page', blocks: recordParts(one, 'Every entry') }] : []),
      caution,
    ],
  };
  return [...cover(source, seal), ...order[source.audience].flatMap((one) => one(source))].map(
    withColons,
  );
};

/** On paper a term and what is said of it stood in one line, a colon between them. */
function withColons(block: Block): Block {
  switch (block.kind) {
    case 'items':
      return { ...block, items: block.items.map((one) => ({ ...one, term: `${one.term}:` })) };
    case 'keep':
    case 'page':
    case 'callout':
      return { ...block, blocks: block.blocks.map(withColons) };
    default:
      return block;
  }
}

function cover(source: Source, seal: string | undefined): Block[] {
  const { report, signed, audience } = source;
  return [
    heading(1, `${report.closing ? 'Closing report' : 'Panel report'}, ${report.place}`),
    ...paragraph(
      strong(
        signed
          ? `Report ${signed.number}, issued ${dayWords(signed.issuedOn)}, signed ${[signed.signedName, signed.licence].filter(Boolean).join(', ')}. ${audienceWords[audience]}.`
          : `A draft: not issued, not signed. ${audienceWords[audience]}.`,
      ),
    ),
    ...plain(signed?.changes ? `This revision changes: ${signed.changes}` : ''),
    ...plain(seal ? `Sealed with ${seal}.` : ''),
    ...plain([report.address, report.client && `for ${report.client}`].filter(Boolean).join(' · ')),
    ...plain(
      [report.asOf && `As of ${report.asOf}`, byWhom(source), report.organisation]
        .filter(Boolean)
        .join(' · '),
    ),
    ...measuredBy(source).flatMap(plain),
    ...report.head.map((words): Block => ({
      kind: 'paragraph',
      words: said(words),
      style: 'alarm',
    })),
    ...report.summary.map((words): Block => ({
      kind: 'paragraph',
      words: said(words),
      style: 'lead',
    })),
  ];
}

const firstThings: Part = ({ report }) => [
  heading(2, 'What to do first'),
  ...plain(
    report.firstThings.length > 0
      ? ''
      : reassures(report)
        ? 'Nothing was found that asks for work.'
        : 'What is written above comes first; no finding names a work by itself.',
  ),
  ...report.firstThings.flatMap((thing): Block[] => [
    {
      kind: 'paragraph',
      words: [strong(`${thing.gradeWord}, ${thing.by}. ${thing.advice}`)],
    },
    {
      kind: 'list',
      lines: thing.findings.map(({ number, title }) => ({
        words: [{ ...strong(String(number)), to: `finding-${number}` }, { text: ` ${title}` }],
      })),
    },
    ...(thing.grade === 'danger'
      ? [
          ...report.findings
            .filter(({ grade }) => grade === 'danger')
            .flatMap((finding) =>
              plain(
                `${finding.number}: ${finding.madeSafe ? `made safe: ${finding.madeSafe}` : daily(finding)}`,
              ),
            ),
          ...plain(keepAway),
        ]
      : []),
  ]),
];

const caution: Part = ({ report }) => [
  heading(2, 'Look, do not touch'),
  ...report.cautions.flatMap(plain),
];

const closing: Part = ({ report }) => {
  if (!report.closing) return [];
  const { of, items: all, fresh, open } = report.closing;
  return [
    heading(2, `What became of report ${of}`),
    ...plain(open === 0 ? 'Everything in it is mended.' : `${counted(open, 'item')} still open.`),
    ...items(
      ...all.map(({ number, title, place, nowWords, words, disagrees }) =>
        item(
          `${number} ${title}, ${place}`,
          [nowWords, words, disagrees].filter(Boolean).join('. '),
        ),
      ),
      ...fresh.map(({ title, place, short }) => item(`New: ${title}, ${place}`, short)),
    ),
  ];
};

const drawings: Part = ({ drawings: drawn }) =>
  Object.entries(drawn).flatMap(([of, { name, drawn: isDrawn, elsewhere }]): Block[] => [
    heading(2, name),
    ...(isDrawn
      ? [
          { kind: 'drawing', of } as const,
          ...plain(
            elsewhere.length > 0
              ? `Not on this drawing: ${elsewhere.map(({ number, says }) => `${number} ${says}`).join('; ')}.`
              : '',
          ),
        ]
      : plain('How many positions it has was not recorded, so it is not drawn.')),
  ]);

const headed = (finding: ReportFinding, ...blocks: Block[]): Block => ({
  kind: 'keep',
  id: `finding-${finding.number}`,
  blocks: [
    {
      kind: 'heading',
      level: 3,
      text: `${finding.number} ${finding.gradeWord}: ${finding.title}`,
      grade: finding.grade,
    },
    ...plain(whereLine(finding)),
    ...blocks,
  ],
});

const plainFindings: Part = ({ report }) => [
  heading(2, 'Findings'),
  ...nothingFound(report.findings),
  ...report.findings.map((finding) =>
    headed(
      finding,
      ...items(item('What was seen', finding.seen)),
      ...photosOf(report, finding.photos, captionOf),
      ...told(finding),
      ...items(
        item(
          'How it was graded',
          `${finding.gradeWord}: ${severityFigures(finding)}; every step is in the whole record.`,
        ),
      ),
    ),
  ),
];

const wholeFindings: Part = ({ report }) => [
  {
    kind: 'page',
    blocks: [
      heading(2, 'Findings'),
      ...nothingFound(report.findings),
      ...report.findings.map((finding) =>
        headed(
          finding,
          ...items(item('What was seen', finding.seen)),
          ...told(finding),
          ...items(
            item('Source', [...finding.sources, finding.since].filter(Boolean).join('; ')),
            item('Why this grade', finding.trace.map(traceLine).join('; ')),
            ...itemIf('Photos', finding.photos.join(', ')),
            item(
              'Recorded',
              finding.recorded
                .map(({ says, by, at, entry }) => `${says} (${by}, ${clock(at)}, entry ${entry})`)
                .join('; '),
            ),
          ),
        ),
      ),
    ],
  },
];

function told(finding: ReportFinding): Block[] {
  const { whyHere: why } = finding;
  return [
    ...items(
      ...toldBefore(finding),
      ...(why ? [{ ...item(calculatedTerm(why), why.sentence), figure: why }] : []),
    ),
    ...plain(why && why.assumed.length > 0 ? `Assumed for it: ${why.assumed.join('; ')}.` : ''),
    ...items(...toldAfter(finding)),
  ];
}

const nothingFound = (findings: readonly ReportFinding[]): Block[] =>
  plain(
    findings.length > 0
      ? ''
      : 'Nothing was found in what was recorded. What was not seen is not fine by being unseen.',
  );

const readings: Part = ({ report }) => [
  ...part(
    'readings',
    'Readings',
    items(
      ...report.readings.map((one) =>
        item(
          `${one.panelName}, ${one.words}`,
          `${one.value}. ${levelWords[one.level]}: ${one.verdict}. ${one.limits ? `Limits: ${one.limits}. ` : ''}${one.by}, ${clock(one.at)}, ${one.instrument}.`,
        ),
      ),
    ),
  ),
  ...part(
    'what-ifs',
    'What would happen, calculated',
    items(
      ...report.whatIfs.map(({ name, says, finding, by }) =>
        item(`${name}${finding ? `, for finding ${finding}` : ''}`, `${says} Kept by ${by}.`),
      ),
    ),
  ),
];

const captionOf = (says: string, number: number, taken: string) =>
  `Photo ${number}. ${says || 'No caption'}. ${taken}.`;

const photos =
  (name: string, numbers: (source: Source) => number[]): Part =>
  (source) =>
    part('photos', name, photosOf(source.report, numbers(source), captionOf));

const notSeen: Part = (source) => [
  ...notSeenHead(source),
  ...items(...likelyUnseen(source).map((words) => item('Likely a finding, not settled', words))),
  ...notSeenTable(source),
  ...plain(
    source.audience === 'client' && source.report.notSeen.length > 0
      ? 'Line by line, with places, in the whole record.'
      : '',
  ),
];

const shutOffCard: Part = ({ report }) =>
  report.shutOff.length === 0
    ? []
    : [
        {
          kind: 'page',
          blocks: [
            heading(2, 'Shut-off card'),
            ...plain(
              'Cut this page out and keep it by the panel. Stand on a dry floor, use the handles only, leave every cover on.',
            ),
            ...plain(keepAway),
            ...report.shutOff.flatMap(({ panelName, how, staysLive }): Block[] => [
              heading(3, panelName),
              ...how.flatMap((line) => paragraph(strong(line))),
              ...items(item('Stays live all the same', staysLive)),
            ]),
            ...items(...itemIf('Must stay on, as told', report.staysOn)),
          ],
        },
      ];

const work: Part = (source) => {
  const { report } = source;
  let off = '';
  return [
    heading(2, 'Work by place'),
    ...paragraph(strong(isolationCaution)),
    ...items(...itemIf('Must stay on, as told', report.staysOn)),
    ...nothingFound(report.findings),
    ...workList(report).map(({ panelName, place, findings }): Block => {
      const isolation = `${panelName}: ${distinct(findings.map((one) => one.isolation)).join(' ')}`;
      const same = isolation === off;
      off = isolation;
      return {
        kind: 'keep',
        blocks: [
          heading(3, `${panelName}, ${place}`),
          ...findings.flatMap((finding): Block[] => [
            {
              kind: 'keep',
              id: `finding-${finding.number}`,
              blocks: [
                {
                  kind: 'heading',
                  level: 3,
                  text: `${finding.number} ${finding.gradeWord}, ${finding.by}: ${finding.title}`,
                  grade: finding.grade,
                },
              ],
            },
            ...items(
              ...workItems(
                finding,
                `${finding.seen} (${finding.certainty})`,
                [...finding.sources, finding.since].filter(Boolean).join('; '),
              ),
            ),
          ]),
          ...items(...atThePlace(findings, same ? 'as at the place before' : isolation)),
        ],
      };
    }),
    ...panelLabels(source),
  ];
};
