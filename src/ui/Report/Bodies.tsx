import type { ReactNode } from 'react';
import type { Audience } from '@/core/show/report/audience';
import { Closing } from './Closing';
import { Directory, ShutOffCard } from './Household';
import { FirstThings } from './FirstThings';
import type { ReportFrame } from './frame';
import { picturesAt } from './frame';
import { GradeKey } from './GradeKey';
import { NotSeen } from './NotSeen';
import { Official } from './Official';
import { Part } from './Part';
import { PermitResult } from './PermitResult';
import { Findings } from './Findings';
import { Besides, Dangers, Glossary, Told } from './PlainWords';
import { Readings } from './Readings';
import { RecordParts } from './RecordParts';
import { ReportDrawing } from './ReportDrawing';
import { PhotoRow } from './ReportPhoto';
import { Summary } from './Summary';
import { WorkList } from './WorkList';

/** The one report, in the order each reader needs it. */
export const bodies: Record<Audience, (frame: ReportFrame) => ReactNode> = {
  client: (frame) => {
    const { report, issued } = frame;
    const pictures = picturesAt(issued);
    return (
      <>
        <div className="mt-5 grid gap-8 lg:grid-cols-[4fr_5fr]">
          <section aria-labelledby="summary">
            <Summary report={report} />
            <FirstThings report={report} />
          </section>
          <Drawings {...frame} />
        </div>
        {report.closing && <Closing closing={report.closing} />}
        <GradeKey findings={report.findings} />
        <Findings report={report} pictures={pictures} />
        <Dangers report={report} />
        <Told report={report} />
        {report.permit && <PermitResult permit={report.permit} />}
        <Readings report={report} />
        <Photos {...frame} title="Other photos" other />
        <Besides report={report} />
        <NotSeen report={report} audience="client" />
        <ShutOffCard report={report} />
        <Directory report={report} />
        <Glossary report={report} />
      </>
    );
  },
  electrician: (frame) => (
    <>
      <div className="mt-5">
        <Summary report={frame.report} />
      </div>
      {frame.report.closing && <Closing closing={frame.report.closing} />}
      <Told report={frame.report} />
      <WorkList report={frame.report} />
      <Wide {...frame} />
      <Readings report={frame.report} />
      <Directory report={frame.report} />
      <Photos {...frame} title="Photos" />
      <Besides report={frame.report} />
      <NotSeen report={frame.report} audience="electrician" />
    </>
  ),
  official: (frame) => (
    <>
      <div className="mt-5">
        <Summary report={frame.report} />
      </div>
      {frame.report.closing && <Closing closing={frame.report.closing} />}
      <Official report={frame.report} />
      <Told report={frame.report} />
      <NotSeen report={frame.report} audience="official" />
      <Wide {...frame} />
    </>
  ),
  record: (frame) => (
    <>
      <div className="mt-5">
        <Summary report={frame.report} />
        <FirstThings report={frame.report} />
      </div>
      {frame.report.closing && <Closing closing={frame.report.closing} />}
      {frame.report.permit && <PermitResult permit={frame.report.permit} />}
      <Wide {...frame} />
      <Told report={frame.report} />
      <Findings report={frame.report} />
      <Readings report={frame.report} />
      <Photos {...frame} title="Photos" />
      <Besides report={frame.report} />
      <NotSeen report={frame.report} audience="record" />
      <Directory report={frame.report} />
      {frame.record && <RecordParts record={frame.record} />}
    </>
  ),
};

function Drawings({ report, site }: ReportFrame) {
  return (
    <div className="grid content-start gap-6">
      {site.panels.map((panel) => (
        <ReportDrawing key={panel.id} panel={panel} site={site} findings={report.findings} />
      ))}
    </div>
  );
}

/** Drawings beside each other where there is room. */
function Wide({ report, site }: ReportFrame) {
  return (
    <div className="mt-8 grid gap-6 lg:grid-cols-2">
      {site.panels.map((panel) => (
        <ReportDrawing key={panel.id} panel={panel} site={site} findings={report.findings} />
      ))}
    </div>
  );
}

function Photos({
  report,
  issued,
  title,
  other = false,
}: ReportFrame & { title: string; other?: boolean }) {
  const photos = report.photos.filter(({ findings }) => !other || findings.length === 0);
  if (photos.length === 0) return null;
  return (
    <Part id="photos" title={title}>
      <PhotoRow photos={photos} pictures={picturesAt(issued)} />
    </Part>
  );
}
