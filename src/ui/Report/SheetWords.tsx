import type { Run, Words } from '@/core/show/report/blocks/block';

const weights: Record<NonNullable<Run['weight']>, string> = {
  strong: 'font-bold',
  quiet: 'text-ink2',
};

/** Stretches of words, each in its weight; one that leads somewhere is a link. */
export function SheetWords({ words }: { words: Words }) {
  return words.map(({ text, weight, to }, index) =>
    to ? (
      <a key={index} className="font-bold underline" href={`#${to}`}>
        {text}
      </a>
    ) : weight ? (
      <span key={index} className={weights[weight]}>
        {text}
      </span>
    ) : (
      text
    ),
  );
}
