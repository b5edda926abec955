import type { ReportData } from '@/core/show/report/report';
import { VerdictMark } from '../Readings/VerdictMark';

/** Every reading with its limits, author and instrument; then what was tried in the circuit model. */
export function Readings({ report: { readings, whatIfs } }: { report: ReportData }) {
  return (
    <>
      {readings.length > 0 && (
        <section className="mt-8" aria-labelledby="readings">
          <h2 id="readings" className="border-ink border-b-2 pb-1 text-lg font-bold">
            Readings
          </h2>
          <ul className="text-sm">
            {readings.map((one, index) => (
              <li
                key={index}
                className="border-hair grid break-inside-avoid gap-x-4 border-b py-1.5 md:grid-cols-[minmax(0,1.2fr)_6rem_minmax(0,2fr)]"
              >
                <span>
                  <strong>{one.words}</strong>, {one.panelName}
                </span>
                <strong className="md:text-right">{one.value}</strong>
                <span>
                  <VerdictMark verdict={{ level: one.level, words: one.verdict }} />
                  <span className="text-ink2 block">
                    {one.limits && `${one.limits} · `}
                    {one.by}, {one.at.slice(0, 16).replace('T', ' ')}, {one.instrument}
                  </span>
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {whatIfs.length > 0 && (
        <section className="mt-8" aria-labelledby="what-ifs">
          <h2 id="what-ifs" className="border-ink border-b-2 pb-1 text-lg font-bold">
            What would happen, calculated
          </h2>
          {whatIfs.map(({ name, says, finding, by, at }) => (
            <p key={name + at} className="border-hair border-b py-1.5 text-sm">
              <strong>{name}</strong>
              {finding !== undefined && `, for finding ${finding}`}: {says}{' '}
              <span className="text-ink2">
                {by}, {at.slice(0, 10)}
              </span>
            </p>
          ))}
        </section>
      )}
    </>
  );
}
