import type { Audience } from '../audience';
import type { ReportFinding, ReportMended } from '../report';
import type { Block } from './block';
import { placesWords } from '../places';
import { seenOnce, sourcesOf } from './finding';
import { photoBlocks } from './photos';
import { clock, item, itemIf, items, paragraph, part, quiet, strong } from './say';
import type { Source } from './sheet';

/** What was found and put right on the visit: as found, the work, and what was recorded after it. */
export function mended({ report, audience }: Source): Block[] {
  if (!report.mended) return [];
  const { title, says, findings } = report.mended;
  return part('mended', title, [
    ...paragraph(strong(says)),
    ...findings.map((one): Block => ({
      kind: 'keep',
      id: `finding-${one.finding.number}`,
      blocks: [...head(one.finding), ...told(one, audience, report.photos)],
    })),
  ]);
}

/** Number, grade as found, title and place: without a date, for nothing is left to be done by it. */
const head = (finding: ReportFinding): Block[] => [
  {
    kind: 'heading',
    level: 3,
    text: `${finding.number} ${finding.gradeWord} as found: ${finding.title}`,
    grade: finding.grade,
  },
  ...paragraph(quiet(`${placesWords(finding)} · how sure: ${finding.certainty}`)),
];

function told(
  { finding, by, how, parts, at, author, readings, before, after, says }: ReportMended,
  audience: Audience,
  photos: Source['report']['photos'],
): Block[] {
  const pictures = (numbers: readonly number[]) =>
    audience === 'client'
      ? photoBlocks(photos.filter(({ number }) => numbers.includes(number)))
      : [];
  return [
    ...items(...seenOnce(finding, 'What was found')),
    ...pictures(before),
    ...items(
      item('What was done', how ?? 'not said'),
      item('By', by ?? 'not said'),
      ...itemIf('Parts', parts),
      ...(audience === 'client' ? [] : itemIf('Source', sourcesOf(finding))),
      item(
        'Read after it',
        readings.length > 0 ? readings.join('; ') : 'nothing was measured or tried after it',
      ),
      item('Now', strong(says)),
      ...itemIf('Photos before', before.join(', ')),
      ...itemIf('Photos after', after.join(', ')),
      ...(audience === 'record' ? [item('Recorded', `${author}, ${clock(at)}`)] : []),
    ),
    ...pictures(after),
  ];
}
