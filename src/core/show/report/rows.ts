import { directoryWords } from './directory-words';
import { mendingWords } from './mending';
import { eachPlace, numberWords } from './places';
import type { ReportData } from './report';

/** Rows under a heading, of words. */
export interface Rows {
  columns: readonly string[];
  rows: string[][];
}

/** One row a place of a finding. */
export const findingRows = ({
  findings,
  mended,
}: Pick<ReportData, 'findings' | 'mended'>): Rows => ({
  columns: [
    'number',
    'grade',
    'by when',
    'panel',
    'place',
    'rule',
    'title',
    'seen',
    'why',
    'ask for',
    'who',
    'ways to mend',
    'how sure',
    'severity',
    'likelihood',
    'overruled',
    'made safe',
    'sources',
    'mended on the visit',
  ],
  rows: [
    ...findings.flatMap(eachPlace).map((finding) => ({ finding, done: '' })),
    ...(mended?.findings ?? []).flatMap(({ finding, how, by, says }) =>
      eachPlace(finding).map((one) => ({
        finding: one,
        done: [how, by && `by ${by}`, says].filter(Boolean).join('; '),
      })),
    ),
  ].map(({ finding, done }) => [
    numberWords(finding),
    finding.gradeWord,
    finding.by,
    finding.panelName,
    finding.place,
    finding.rule,
    finding.title,
    finding.seen,
    finding.why,
    finding.ask,
    finding.who,
    mendingWords(finding),
    finding.certainty,
    String(finding.severity),
    String(finding.likelihood),
    finding.overrule ?? '',
    finding.madeSafe ?? '',
    finding.sources.join('; '),
    done,
  ]),
});

/** One row a circuit. */
export const directoryRows = ({ directories }: Pick<ReportData, 'directories'>): Rows => ({
  columns: ['panel', 'breaker', 'rating', 'feeds', 'known by'],
  rows: directories.flatMap(({ panelName, lines }) =>
    lines.map((line) => [panelName, ...directoryWords(line)]),
  ),
});
