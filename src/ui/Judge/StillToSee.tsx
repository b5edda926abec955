import type { Assessment } from '@/core';

const shown = 8;

/** What was not seen and which fact is wanted, the most useful first. */
export function StillToSee({ assessment: { notSeen, coverage } }: { assessment: Assessment }) {
  const seen = coverage.found + coverage.clear;
  return (
    <section className="border-line mt-4 border-t pt-3" aria-labelledby="still-to-see">
      <h3 id="still-to-see" className="font-bold">
        Not seen
      </h3>
      <p className="text-ink2">
        {seen} of {seen + coverage.notSeen} checks that apply were seen. Not seen is not fine.
      </p>
      <ul className="max-lg:hidden">
        {notSeen.slice(0, shown).map((line) => (
          <li key={line.rule + line.panel + line.say} className="border-hair border-b py-1">
            {line.likely && <strong>Likely: </strong>}
            {line.say}
            <span className="text-ink2">
              {' '}
              {line.title.toLowerCase()},{' '}
              {line.places.length === 1
                ? line.places[0]!.label.toLowerCase()
                : `${line.places.length} places`}
            </span>
          </li>
        ))}
      </ul>
      {notSeen.length > shown && (
        <p className="text-ink2 mt-1">and {notSeen.length - shown} more, all in the report.</p>
      )}
    </section>
  );
}
