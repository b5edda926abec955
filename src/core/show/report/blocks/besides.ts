import type { Block } from './block';
import { item, items, paragraph, part, quiet } from './say';
import type { Source } from './sheet';

/** What was told, agreed and known beforehand; it is printed as it was recorded. */
export const toldAndAgreed = ({ report }: Source): Block[] =>
  part(
    'told',
    'Told and agreed',
    items(...report.told.map(({ label, says }) => item(label, says))),
  );

/** Everyday comparisons for the dangers found. */
export const dangers = ({ report }: Source): Block[] =>
  part(
    'dangers',
    'What these dangers are like',
    items(...report.comparisons.map(({ hazard, says }) => item(hazard, says))),
  );

export const glossary = ({ report }: Source): Block[] =>
  part('words', 'Words', items(...report.glossary.map(({ term, says }) => item(term, says))));

/** What was noted besides, and what others must look at. */
export const besides = ({ report: { referrals, notes } }: Source): Block[] => [
  ...(referrals.length > 0
    ? part('referrals', 'For others to look at', [
        ...paragraph('Outside an inspection of the panel; noted, not judged.'),
        ...items(
          ...referrals.map(({ to, words, about, by }) =>
            item(`Ask ${to}`, [about, words].filter(Boolean).join(': '), quiet(` (${by})`)),
          ),
        ),
      ])
    : []),
  ...part(
    'noted',
    'Also noted',
    items(...notes.map(({ about, words, by }) => item(about, words, quiet(` (${by})`)))),
  ),
];
