import { gradeWords } from '@/core/vocabulary/grade';
import type { ReportData } from '@/core/show/report/report';

/** What became of the report that is closed, item by item; the rules decide, not the tick. */
export function Closing({ closing }: { closing: NonNullable<ReportData['closing']> }) {
  const { of, items, fresh, open } = closing;
  return (
    <section className="mt-8" aria-labelledby="closing">
      <h2 id="closing" className="border-ink border-b-2 pb-1 text-lg font-bold">
        What became of report {of}
      </h2>
      <p className="mt-2 text-sm font-bold">
        {open === 0 ? 'Everything in it is mended.' : `${open} still open.`}
      </p>
      <ul className="text-sm">
        {items.map(({ key, number, title, place, before, nowWords, words, disagrees }) => (
          <li key={key} className="border-hair border-b py-1.5">
            <strong>
              {number} {title}
            </strong>
            , {place}: was {gradeWords[before.grade]}; {nowWords}
            {words && `. ${words}`}
            {disagrees && <span className="text-danger">. {disagrees}</span>}
          </li>
        ))}
        {fresh.map(({ key, title, place, short }) => (
          <li key={key} className="border-hair border-b py-1.5">
            <strong>New: {title}</strong>, {place}: {short}
          </li>
        ))}
      </ul>
    </section>
  );
}
