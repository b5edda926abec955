import type { IssueLine } from '@/core/show/report/issue-check';

const marks: Record<IssueLine['state'], { word: string; tone: string; path: string }> = {
  done: { word: 'Done', tone: 'text-ink', path: 'M2 7l3 3 5-8' },
  open: { word: 'Printed', tone: 'text-repair', path: 'M2 6h8' },
  stops: { word: 'First', tone: 'text-danger', path: 'M2 2l8 8M10 2l-8 8' },
};

/** What must be seen to before signing, and what is printed as it is. */
export function CheckList({ lines }: { lines: readonly IssueLine[] }) {
  return (
    <ul aria-label="Before signing">
      {lines.map(({ key, title, state, says }) => {
        const { word, tone, path } = marks[state];
        return (
          <li key={key} className="border-hair border-b py-1.5">
            <p>
              <span className={`${tone} inline-block w-20 font-bold`}>
                <svg viewBox="0 0 12 12" className="mr-1 inline size-3" aria-hidden="true">
                  <path d={path} fill="none" stroke="currentColor" strokeWidth={2} />
                </svg>
                {word}
              </span>
              <span className="font-semibold">{title}</span>
            </p>
            {says.map((words) => (
              <p key={words} className="text-ink2 pl-20">
                {words}
              </p>
            ))}
          </li>
        );
      })}
    </ul>
  );
}
