import { keepAway } from '@/core/show/report/cautions';
import { directoryWords } from '@/core/show/report/directory-words';
import type { ReportData } from '@/core/show/report/report';
import { Part } from './Part';
import { Table } from './Table';

/** To hang beside the panel: how to shut off, what stays live, what each breaker feeds. */
export function ShutOffCard({ report }: { report: ReportData }) {
  if (report.shutOff.length === 0) return null;
  return (
    <div className="break-before-page">
      <Part id="shut-off" title="Shut-off card">
        <p className="mt-2">
          Print it and keep it by the panel. Stand on a dry floor, use the handles only, leave every
          cover on. {keepAway}
        </p>
        <div className="mt-3 grid gap-4 sm:grid-cols-2">
          {report.shutOff.map(({ panelName, how, staysLive }) => (
            <section
              key={panelName}
              className="border-ink border-2 p-3"
              aria-label={`Shut off ${panelName}`}
            >
              <h3 className="text-heading font-bold">{panelName}</h3>
              {how.map((line) => (
                <p key={line} className="text-base font-bold">
                  {line}
                </p>
              ))}
              <p className="text-ink2 mt-1">Stays live all the same: {staysLive}.</p>
            </section>
          ))}
        </div>
        {report.staysOn && (
          <p className="mt-2">
            <strong>Must stay on, as told:</strong> {report.staysOn}
          </p>
        )}
      </Part>
    </div>
  );
}

export function Directory({ report }: { report: ReportData }) {
  return report.directories
    .filter(({ lines }) => lines.length > 0)
    .map(({ panel, panelName, lines }) => (
      <Part key={panel} id={`directory-${panel}`} title={`Circuit directory, ${panelName}`}>
        <Table
          label={`Circuit directory, ${panelName}`}
          titles={['Breaker', 'Rating', 'Feeds', 'Known by']}
          rows={lines.map(directoryWords)}
        />
      </Part>
    ));
}
