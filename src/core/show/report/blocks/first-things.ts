import { gradeKeyWords, gradeWords, grades } from '../../../vocabulary/grade';
import { keepAway } from '../cautions';
import { nothingToDo, reassures } from '../summary';
import type { Block, Line } from './block';
import { paragraph, part, run, strong } from './say';
import type { Source } from './sheet';

/** What to do by when, gravest first; each number leads to its finding. Of a danger, what a layman does today. */
export const firstThings = ({ report }: Source): Block[] =>
  part(
    'first',
    'What to do first',
    report.firstThings.length === 0
      ? paragraph(
          reassures(report)
            ? nothingToDo
            : 'What is written above comes first; no finding names a work by itself.',
        )
      : report.firstThings.flatMap(({ grade, gradeWord, by, advice, findings }): Block[] => [
          { kind: 'heading', level: 3, text: `${gradeWord}, ${by}. ${advice}`, grade },
          {
            kind: 'list',
            lines: findings.map(({ number, title }) => ({
              words: [{ ...strong(String(number)), to: `finding-${number}` }, run(` ${title}`)],
            })),
          },
          ...(grade === 'danger' ? [today(report)] : []),
        ]),
  );

/** What a layman does about a danger: what to ask for, and when to keep away. */
const today = ({ findings }: Source['report']): Block => ({
  kind: 'callout',
  blocks: [
    ...findings
      .filter(({ grade }) => grade === 'danger')
      .flatMap(({ number, ask, places, untilThen, madeSafe }) =>
        paragraph(
          strong(String(number)),
          ` ${madeSafe ? `Made safe: ${madeSafe}` : [...new Set([ask, ...places.flatMap(({ also }) => also), ...untilThen])].join(' ')}`,
        ),
      ),
    ...paragraph(strong(keepAway)),
  ],
});

/** The grades with their counts and what each tells the client to do. */
export const gradeKey = ({ report: { findings } }: Source): Block[] => [
  {
    kind: 'list',
    lines: grades
      .filter((grade) => findings.some((finding) => finding.grade === grade))
      .map((grade): Line => ({
        grade,
        words: [
          strong(
            `${gradeWords[grade]} ${findings.filter((finding) => finding.grade === grade).length}`,
          ),
          run(` ${gradeKeyWords(grade)}`),
        ],
      })),
  },
];
