import type { Block } from '@/core/show/report/blocks/block';

interface SheetLetterheadProps {
  letterhead: Extract<Block, { kind: 'letterhead' }>;
  /** Address below which the pictures lie. */
  pictures: string;
}

/** The office above everything: its sign, and beside it its name and lines. */
export function SheetLetterhead({ letterhead, pictures }: SheetLetterheadProps) {
  const { office, lines, logo } = letterhead;
  return (
    <div className="border-ink mb-4 flex items-start gap-4 border-b pb-3">
      {logo && (
        // eslint-disable-next-line @next/next/no-img-element -- private, and of known size
        <img
          src={`${pictures}/${logo.digest}`}
          alt={logo.alt}
          width={logo.width}
          height={logo.height}
          className="h-auto max-h-18 w-auto max-w-50 bg-white p-1"
        />
      )}
      <div>
        <p className="font-bold">{office}</p>
        {lines.map((line) => (
          <p key={line} className="text-ink2 text-sm">
            {line}
          </p>
        ))}
      </div>
    </div>
  );
}
