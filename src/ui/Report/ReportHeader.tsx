import Link from 'next/link';
import { Brand } from '../primitives/Brand';
import { ThemeChoice } from '../theme/ThemeChoice';
import type { ReportView } from './view';
import { PackageButton } from './PackageButton';
import { PdfButton } from './PdfButton';
import { PrintButton } from './PrintButton';

/** Where else to go, and what to take along; a client has nowhere else to go. */
export function ReportHeader({ report, audience, issued }: ReportView) {
  const inspection = `/inspections/${report.inspection}`;
  const base = issued?.base ?? inspection;
  const member = issued?.by !== 'client';
  return (
    <header className="no-print border-line bg-app flex flex-wrap items-center gap-x-5 gap-y-1 border-b px-4 py-1.5">
      <Brand />
      <nav className="flex gap-4" aria-label="Views">
        {member && (
          <Link className="text-ink2 hover:text-ink py-1.5" href={`${inspection}/walk`}>
            Walk
          </Link>
        )}
        <span className="border-accent border-b-2 py-1.5 font-bold" aria-current="page">
          Report
        </span>
        {member && (
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
        <PdfButton href={`${base}/report.pdf?for=${audience}`} />
        {member && <PackageButton href={`${base}/package.zip`} />}
      </div>
    </header>
  );
}
