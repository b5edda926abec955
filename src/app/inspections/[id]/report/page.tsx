import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { readDraft } from '@/server/commands/read-report';
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
  const draft = await readDraft(session, id, audience);
  if (draft === undefined) notFound();
  return <Report report={{ inspection: id }} draft={draft} audience={audience} />;
}
