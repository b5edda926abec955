import { isolationCaution } from '../isolation';
import { counted } from '../../../vocabulary/phrases';
import type { ReportPlans, ReportWay } from '../plans';
import type { Block } from './block';
import { paragraph, part, strong, table } from './say';
import type { Source } from './sheet';

/** A plan older than what is recorded says so before anything else. */
const overtaken = ({ since }: ReportPlans): Block[] =>
  since === 0
    ? []
    : paragraph(
        strong(
          `It was made before ${counted(since, 'fact')} recorded since: it has to be worked out again.`,
        ),
      );

/** For the client: the plans side by side, none recommended. */
export const waysToPutRight = ({ report: { plans } }: Source): Block[] => {
  if (!plans || plans.ways.length === 0) return [];
  const row = (title: string, says: (way: ReportWay) => string) => [title, ...plans.ways.map(says)];
  return part('plans', 'Ways to put it right', [
    ...overtaken(plans),
    ...paragraph(
      `Chosen: “${plans.name}”${plans.by ? `, by ${plans.by},` : ''} on ${plans.on}. What it would be like afterwards was judged by the same rules as what was found. The sums are estimates, not offers; what hides behind covers can change them. `,
      strong('What is Danger now is dealt with today, whichever is chosen.'),
    ),
    table(
      'Ways to put it right',
      [
        ['', 2],
        ...plans.ways.map(({ name, chosen }): [string, number] => [
          chosen ? `${name} (chosen)` : name,
          4,
        ]),
      ],
      [
        row(
          'Put right',
          ({ and, puts }) =>
            [and ? `all of “${and}”` : '', ...puts].filter(Boolean).join('; ') ||
            'nothing of what was found',
        ),
        row('Stays wrong', ({ stays }) => stays.join('; ') || 'nothing of what was found'),
        row('Cost', ({ cost }) => cost),
        row('Without power', ({ dark }) => dark.join('; ') || 'nobody'),
        row('It protects against', ({ against }) => against || 'nothing more than now'),
      ],
    ),
    ...paragraph(
      'What was not looked at is in none of them. The work is for a licensed person, who checks all of it before beginning.',
    ),
  ]);
};

/** For the electrician: the steps of the chosen plan, and a sheet to be priced. */
export const chosenWork = ({ report: { plans } }: Source): Block[] => {
  if (!plans || plans.works.length === 0) return [];
  return part('plan-work', `Work of the chosen plan: ${plans.name}`, [
    ...overtaken(plans),
    ...paragraph(
      strong(isolationCaution),
      ' A proposal to be checked on the spot: code, label and whoever does the work decide.',
    ),
    ...(plans.tell.length === 0
      ? []
      : [
          {
            kind: 'list',
            lines: plans.tell.map((text) => ({ words: [strong('Tell first. '), { text }] })),
          } as const,
        ]),
    ...(plans.steps.length === 0
      ? []
      : [
          {
            kind: 'list',
            counted: true,
            lines: plans.steps.map((text) => ({ words: [{ text }] })),
          } as const,
        ]),
    { kind: 'heading', level: 3, text: 'To be priced' },
    table(
      'To be priced',
      [
        ['Work', 6],
        ['Included', 1],
        ['Sum', 1],
      ],
      [...plans.works, 'Coming out, permit, what else', 'Together'].map((says) => [says, '', '']),
    ),
    ...paragraph('Please name what is left out and what is added, with its reason.'),
  ]);
};
