import type { ParsedLine } from '@/core/record/shorthand/line';

/** A bracket under each word with its meaning; a mistake at its column. */
export function TokenMeanings({ typed, parsed }: { typed: string; parsed: ParsedLine }) {
  if (typed.trim() === '') return null;
  const pieces = [
    ...parsed.tokens.map((token) => ({ ...token, fault: false })),
    ...parsed.faults.map((fault) => ({
      ...fault,
      text: typed.slice(fault.start, fault.end),
      meaning: fault.message,
      fault: true,
    })),
  ].sort((a, b) => a.start - b.start);
  return (
    <div className="overflow-hidden">
      <div className="relative h-2 font-mono text-[19px] leading-none" aria-hidden="true">
        {pieces.map((piece) => (
          <span
            key={`${piece.start}-${piece.fault}`}
            className={`absolute top-0 h-1.5 border-x border-b ${piece.fault ? 'border-danger border-b-2' : 'border-accent'}`}
            style={{ left: `${piece.start}ch`, width: `${piece.end - piece.start}ch` }}
          />
        ))}
      </div>
      <p className="text-caption flex flex-wrap gap-x-4">
        {pieces.map((piece) => (
          <span
            key={`${piece.start}-${piece.fault}`}
            className={piece.fault ? 'text-danger font-semibold' : 'text-ink2'}
          >
            {piece.fault ? `Column ${piece.start + 1}: ${piece.meaning}` : piece.meaning}
          </span>
        ))}
      </p>
    </div>
  );
}
