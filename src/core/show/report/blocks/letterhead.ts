import type { Block } from './block';
import type { Source } from './sheet';

/** The office, above everything. */
export const letterhead = ({ report: { letterhead: head } }: Source): Block[] => {
  if (!head || (head.lines.length === 0 && !head.logo)) return [];
  const { office, lines, logo } = head;
  return [
    {
      kind: 'letterhead',
      office,
      lines,
      ...(logo && { logo: { ...logo, alt: `Sign of ${office}` } }),
    },
  ];
};

/** What an inspection of this office covers, in its own words. */
export const covers = ({ report: { letterhead: head } }: Source): Block[] =>
  standing('What an inspection covers', head?.covers);

/** What holds for every report of this office. */
export const terms = ({ report: { letterhead: head } }: Source): Block[] =>
  standing('Terms', head?.terms);

const standing = (
  title: string,
  text: { version: number; lines: readonly string[] } | undefined,
): Block[] =>
  text
    ? [
        {
          kind: 'keep',
          blocks: [
            { kind: 'heading', level: 2, text: `${title}, version ${text.version}` },
            ...text.lines.map((line): Block => ({ kind: 'paragraph', words: [{ text: line }] })),
          ],
        },
      ]
    : [];
