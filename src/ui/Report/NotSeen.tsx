import type { Audience } from '@/core/show/report/audience';
import { counted } from '@/core/vocabulary/phrases';
import { unseenByStage } from '@/core/show/report/not-seen';
import type { ReportData } from '@/core/show/report/report';
import { Part } from './Part';
import { Table } from './Table';

interface NotSeenProps {
  report: ReportData;
  audience: Audience;
}

/** What was not seen: for the client by the stage of the visit, else line by line; then what contradicts itself. */
export function NotSeen({ report, audience }: NotSeenProps) {
  const { coverage, notSeen, doubts } = report;
  const seen = coverage.found + coverage.clear;
  return (
    <>
      <Part id="not-seen" title="What was not seen">
        <p className="mt-2 text-sm">
          {seen} of {seen + coverage.notSeen} checks that apply could be made (
          {Math.round(coverage.seenShare * 100)} %). Not seen does not mean fine. A check is one
          rule at one place, so one thing not looked at can leave many open.
        </p>
        {notSeen.length > 0 &&
          (audience === 'client' ? <ByStage report={report} /> : <LineByLine report={report} />)}
      </Part>
      {doubts.length > 0 && (
        <Part id="doubts" title="To be cleared up">
          <ul className="mt-2 text-sm">
            {doubts.map((doubt) => (
              <li key={doubt}>{doubt}</li>
            ))}
          </ul>
        </Part>
      )}
    </>
  );
}

function ByStage({ report }: { report: ReportData }) {
  const stages = unseenByStage(report);
  return (
    <>
      {stages
        .flatMap(({ likely }) => likely)
        .map((words) => (
          <p key={words} className="mt-2 text-sm">
            <strong>Likely a finding, not settled.</strong> {words}
          </p>
        ))}
      <Table
        label="Not seen, by part of the visit"
        titles={['Part of the visit', 'Still to look at, or to measure', 'Leaves open']}
        rows={stages.map(({ stage, wants, checks }) => [
          stage,
          wants.join('; '),
          counted(checks, 'check'),
        ])}
      />
    </>
  );
}

function LineByLine({ report }: { report: ReportData }) {
  return (
    <Table
      label="Not seen, line by line"
      titles={['Check', 'Where', 'What is wanted']}
      rows={report.notSeen.map((line) => [
        `${line.likely ? 'Likely a finding: ' : ''}${line.title}`,
        `${line.panelName}, ${line.places.length > 3 ? `${line.places.length} places` : line.places.join(', ')}`,
        line.say,
      ])}
    />
  );
}
