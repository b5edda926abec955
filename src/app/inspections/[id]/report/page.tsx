import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { readReport } from '@/server/commands/read-report';
import { Report } from '@/ui/Report/Report';
import type { SearchParams } from '../../../session/audience';
import { wantedAudience } from '../../../session/audience';
import { requireSession } from '../../../session/current';

export const metadata: Metadata = { title: 'Report' };

export default async function ReportPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: SearchParams;
}) {
  const session = await requireSession();
  const { id } = await params;
  const audience = await wantedAudience(searchParams);
  const read = await readReport(session, id, audience);
  if (!read) notFound();
  const { report, assessment, record } = read;
  return <Report report={report} site={assessment.site} audience={audience} record={record} />;
}
