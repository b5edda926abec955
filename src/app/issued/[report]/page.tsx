import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { markOf, readIssued, siteOf } from '@/server/commands/issue-report';
import { Report } from '@/ui/Report/Report';
import { requireSession } from '../../session/current';

export const metadata: Metadata = { title: 'Issued report' };

export default async function IssuedPage({ params }: { params: Promise<{ report: string }> }) {
  const session = await requireSession();
  const { report } = await params;
  const issued = await readIssued(session.organisation, report);
  if (!issued) notFound();
  return (
    <Report
      report={issued.report}
      site={siteOf(issued)}
      issued={{ ...markOf(issued), base: `/issued/${report}`, by: 'member' }}
    />
  );
}
