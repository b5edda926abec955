import type { Block } from './block';
import { placesWords } from '../places';
import { alikeButForPlace, sourcesOf } from './finding';
import { paragraph, part, table } from './say';
import type { Source } from './sheet';

/** The outcome for the authority, against the scope of the permitted work alone. */
export function permitResult({ report: { permit } }: Source): Block[] {
  if (!permit) return [];
  return part('permit-result', `Permit ${permit.number}: ${permit.result}`, [
    ...paragraph(`Covers: ${permit.covers}. ${permit.because}.`),
    ...lines('Inside the work, to correct', permit.inside),
    ...lines('Inside the work, still to be seen', permit.toSee),
    ...lines('Outside the work, told to the owner', permit.outside),
  ]);
}

const lines = (text: string, said: readonly string[]): Block[] =>
  said.length === 0
    ? []
    : [
        { kind: 'heading', level: 3, text },
        { kind: 'list', lines: said.map((one) => ({ words: [{ text: one }] })) },
      ];

/** For an official where there is no permit: that no result is given. */
export const noPermit = ({ report }: Source): Block[] =>
  report.permit
    ? []
    : part(
        'permit-result',
        'No permit result',
        paragraph(
          'This was not recorded as a permit inspection. No pass, correction or refusal is given; what was found stands below with its sources.',
        ),
      );

/** Each finding in one row with the text it rests on. */
export const findingTable = ({ report: { findings } }: Source): Block[] =>
  part(
    'all-findings',
    'Findings and sources',
    findings.length === 0
      ? paragraph('Nothing was found in what was recorded.')
      : [
          table(
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
              placesWords(finding),
              alikeButForPlace(finding)
                ? finding.seen
                : finding.places.map(({ letter, short }) => `${letter} ${short}`).join('; '),
              `${finding.gradeWord}, ${finding.by}`,
              sourcesOf(finding),
            ]),
          ),
        ],
  );
