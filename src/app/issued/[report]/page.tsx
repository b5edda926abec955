import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { assessmentOfIssued, markOf, readIssued } from '@/server/commands/issue-report';
import { recordFor } from '@/server/commands/read-report';
import { Report } from '@/ui/Report/Report';
import type { SearchParams } from '../../session/audience';
import { wantedAudience } from '../../session/audience';
import { requireSession } from '../../session/current';

export const metadata: Metadata = { title: 'Issued report' };

export default async function IssuedPage({
  params,
  searchParams,
}: {
  params: Promise<{ report: string }>;
  searchParams: SearchParams;
}) {
  const session = await requireSession();
  const { report } = await params;
  const issued = await readIssued(session.organisation, report);
  if (!issued) notFound();
  const audience = await wantedAudience(searchParams);
  const assessment = assessmentOfIssued(issued);
  return (
    <Report
      report={issued.report}
      site={assessment.site}
      audience={audience}
      record={recordFor(audience, issued.stored, assessment)}
      issued={{ ...markOf(issued), base: `/issued/${report}`, by: 'member' }}
    />
  );
}
