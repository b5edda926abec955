import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { readReport } from '@/server/commands/read-report';
import { Report } from '@/ui/Report/Report';
import { requireSession } from '../../../session/current';

export const metadata: Metadata = { title: 'Report' };

export default async function ReportPage({ params }: { params: Promise<{ id: string }> }) {
  const session = await requireSession();
  const { id } = await params;
  const read = await readReport(session, id);
  if (!read) notFound();
  return <Report report={read.report} site={read.assessment.site} />;
}
