import { audienceWords } from '../audience';
import { dayWords } from '../dates';
import type { Block } from './block';
import { paragraph, quiet, strong } from './say';
import type { Source } from './sheet';

/** What it is, of what, by whom. */
export const title = ({ report, signed, audience }: Source): Block[] => [
  {
    kind: 'heading',
    level: 1,
    text: `${report.closing ? 'Closing report' : 'Panel report'}, ${report.place}`,
  },
  ...paragraph(
    strong(
      signed
        ? `Report ${signed.number}, issued ${dayWords(signed.issuedOn, report.letterhead?.dates)}, signed ${[signed.signedName, signed.licence].filter(Boolean).join(', ')}. ${audienceWords[audience]}.`
        : `A draft: not issued, not signed. ${audienceWords[audience]}.`,
    ),
  ),
  ...paragraph(signed?.changes ? `This revision changes: ${signed.changes}` : ''),
  ...paragraph(
    quiet([report.address, report.client && `for ${report.client}`].filter(Boolean).join(' · ')),
  ),
  ...paragraph(
    quiet(
      [
        report.asOf ? `As of ${report.asOf}` : 'Nothing recorded yet',
        report.authors.length > 0 &&
          `recorded by ${report.authors.map(({ name, licence }) => (licence ? `${name} (${licence})` : name)).join(', ')}`,
        report.organisation,
      ]
        .filter(Boolean)
        .join(' · '),
    ),
  ),
];

/** What it comes to, and by which yardstick. */
export const summary = ({ report }: Source): Block[] => [
  ...report.head.map((words): Block => ({
    kind: 'paragraph',
    words: [strong(words)],
    style: 'alarm',
  })),
  { kind: 'paragraph', words: [strong(report.summary.join(' '))], style: 'lead' },
  ...paragraph(report.looked.join(' ')),
  ...paragraph(...report.scope.map((one, index) => quiet(`${index > 0 ? ' ' : ''}${one}`))),
  ...paragraph(
    quiet(
      report.differs.length > 0 ? `Differs from what is shipped: ${report.differs.join(' ')}` : '',
    ),
  ),
];

/** Look, do not touch. */
export const caution = ({ report }: Source): Block[] => [
  {
    kind: 'keep',
    blocks: [
      { kind: 'heading', level: 2, text: 'Look, do not touch' },
      { kind: 'list', lines: report.cautions.map((text) => ({ words: [{ text }] })) },
    ],
  },
];
