import { levelWords } from '@/core/show/report/readings';
import type { ReadingVerdict } from '@/core';

const looks: Record<ReadingVerdict['level'], { tone: string; path: string }> = {
  unread: { tone: 'text-ink3', path: '' },
  good: { tone: 'text-ink', path: 'M2 7l3 3 5-8' },
  look: { tone: 'text-repair', path: 'M2 6h8M6 2v8' },
  bad: { tone: 'text-danger', path: 'M2 2l8 8M10 2l-8 8' },
  again: { tone: 'text-urgent', path: 'M10 6a4 4 0 1 1-1.6-3.2M10 1v3H7' },
  'on-record': { tone: 'text-ink2', path: 'M2 6h8' },
};

/** Word and shape, never colour alone; then what the rules say. */
export function VerdictMark({ verdict: { level, words } }: { verdict: ReadingVerdict }) {
  const { tone, path } = looks[level];
  const word = levelWords[level];
  const same = words.toLowerCase() === word.toLowerCase();
  return (
    <span className={tone}>
      <svg viewBox="0 0 12 12" className="mr-1 inline size-3" aria-hidden="true">
        <path d={path} fill="none" stroke="currentColor" strokeWidth={2} />
      </svg>
      <strong>{word}</strong>
      {!same && <span className="text-ink">: {words}</span>}
    </span>
  );
}
