import Link from 'next/link';
import type { ReactNode } from 'react';
import { dayWords } from '@/core/report/dates';
import { Closing } from './Closing';
import { counted } from '@/core/panel/words';
import type { SiteView } from '@/core/panel/site-view';
import type { ReportData } from '@/core/report/report';
import { Brand } from '../primitives/Brand';
import { ThemeChoice } from '../theme/ThemeChoice';
import { FirstThings } from './FirstThings';
import { Findings } from './Findings';
import { GradeKey } from './GradeKey';
import { NotSeen } from './NotSeen';
import { PermitResult } from './PermitResult';
import { PrintButton } from './PrintButton';
import { Readings } from './Readings';
import { ReportDrawing } from './ReportDrawing';

/** What an issued report carries, where it is read, and by whom. */
interface IssuedFrame {
  number: string;
  changes: string;
  signedName: string;
  licence: string;
  issuedOn: string;
  digest: string;
  /** Its own address; the PDF lies below it. */
  base: string;
  /** A client sees this report and nothing else. */
  by: 'member' | 'client';
}

interface ReportProps {
  report: ReportData;
  site: SiteView;
  issued?: IssuedFrame;
  above?: ReactNode;
}

/** The report as the client reads it; everything in it is in the data. */
export function Report({ report, site, issued, above }: ReportProps) {
  const inspection = `/inspections/${report.inspection}`;
  const base = issued?.base ?? inspection;
  return (
    <>
      <header className="no-print border-line bg-app flex flex-wrap items-center gap-x-5 gap-y-1 border-b px-4 py-1.5">
        <Brand />
        <nav className="flex gap-4" aria-label="Views">
          {issued?.by !== 'client' && (
            <Link className="text-ink2 hover:text-ink py-1.5" href={`${inspection}/walk`}>
              Walk
            </Link>
          )}
          <span className="border-accent border-b-2 py-1.5 font-bold" aria-current="page">
            Report
          </span>
          {issued?.by !== 'client' && (
            <Link className="text-ink2 hover:text-ink py-1.5" href={`${inspection}/issue`}>
              Issue
            </Link>
          )}
        </nav>
        <div className="flex items-center gap-2 md:ml-auto">
          <span className="max-md:hidden">
            <ThemeChoice compact />
          </span>
          <PrintButton />
          <a className="act" href={`${base}/report.pdf`} download>
            <span className="max-md:sr-only">Download </span>PDF
          </a>
          {issued?.by !== 'client' && (
            <a className="act" href={`${base}/package.zip`} download>
              <span className="max-md:sr-only">Download </span>
              package
            </a>
          )}
        </div>
      </header>
      <main className="bg-sheet mx-auto max-w-6xl px-4 py-6 md:px-10">
        {above}
        {issued ? (
          <div className="mb-3">
            <p className="font-bold">
              {report.closing ? 'Closing report' : 'Report'} {issued.number}, issued{' '}
              {dayWords(issued.issuedOn)}, signed {issued.signedName}
              {issued.licence && `, ${issued.licence}`}
            </p>
            {issued.changes && <p>This revision changes: {issued.changes}</p>}
          </div>
        ) : (
          <p className="font-bold">A draft: not issued, not signed.</p>
        )}
        <p className="text-ink2">
          Panel report · {[report.place, report.address].filter(Boolean).join(', ')}
          {report.client && ` · for ${report.client}`}
        </p>
        <p className="text-ink2">
          {report.asOf ? `As of ${report.asOf}` : 'Nothing recorded yet'}
          {report.authors.length > 0 &&
            ` · recorded by ${report.authors.map(({ name, licence }) => (licence ? `${name} (${licence})` : name)).join(', ')}`}
          {` · ${report.organisation}`}
        </p>
        <div className="mt-5 grid gap-8 lg:grid-cols-[4fr_5fr]">
          <section aria-labelledby="summary">
            <h1 id="summary" className="text-[26px] leading-8 font-bold">
              {report.summary.join(' ')}
            </h1>
            <p className="text-ink2 mt-3 text-sm">
              {counted(report.findings.length, 'finding')}, {report.school}. Yardstick:{' '}
              {report.yardstick}.
            </p>
            {report.differs.length > 0 && (
              <p className="text-ink2 mt-1 text-sm">
                Differs from what is shipped: {report.differs.join(' ')}
              </p>
            )}
            <FirstThings things={report.firstThings} />
          </section>
          <div className="grid content-start gap-6">
            {site.panels.map((panel) => (
              <ReportDrawing key={panel.id} panel={panel} site={site} findings={report.findings} />
            ))}
          </div>
        </div>
        {report.closing && <Closing closing={report.closing} />}
        {report.permit && <PermitResult permit={report.permit} />}
        <GradeKey findings={report.findings} />
        <Findings findings={report.findings} />
        <Readings report={report} />
        <NotSeen report={report} />
        <section className="border-ink mt-8 border-t-2 pt-3" aria-labelledby="cautions">
          <h2 id="cautions" className="text-lg font-bold">
            Look, do not touch
          </h2>
          <ul className="mt-2 grid gap-1 text-sm">
            {report.cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
        </section>
        {issued && (
          <p className="text-ink2 mt-6 font-mono text-xs break-all">Sealed with {issued.digest}</p>
        )}
      </main>
    </>
  );
}
