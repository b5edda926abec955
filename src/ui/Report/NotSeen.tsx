import type { ReportData } from '@/core/report/report';

/** What was not seen, and the fact that is wanted; then what contradicts itself. */
export function NotSeen({ report }: { report: ReportData }) {
  const { coverage, notSeen, doubts } = report;
  const seen = coverage.found + coverage.clear;
  return (
    <section className="mt-8" aria-labelledby="not-seen">
      <h2 id="not-seen" className="border-ink border-b-2 pb-1 text-lg font-bold">
        What was not seen
      </h2>
      <p className="mt-2 text-sm">
        {seen} of {seen + coverage.notSeen} checks that apply were seen (
        {Math.round(coverage.seenShare * 100)} %). Not seen does not mean fine.
      </p>
      <ul className="mt-2 grid gap-x-8 text-sm md:grid-cols-2">
        {notSeen.map((line) => (
          <li
            key={line.rule + line.panel + line.say + line.likely}
            className="border-line border-b border-dashed py-1.5"
          >
            {line.likely && <strong>Likely a finding. </strong>}
            <strong>{line.title}</strong>
            <br />
            {line.panelName},{' '}
            {line.places.length > 3 ? `${line.places.length} places` : line.places.join(', ')}:{' '}
            {line.say}
          </li>
        ))}
      </ul>
      {doubts.length > 0 && (
        <>
          <h3 className="mt-4 font-bold">To be cleared up</h3>
          <ul className="text-sm">
            {doubts.map((doubt) => (
              <li key={doubt}>{doubt}</li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
