import type { Metadata } from 'next';
import { preload } from 'react-dom';
import { Report } from '@/ui/Report/Report';
import type { SearchParams } from '../../../session/audience';
import { wantedAudience } from '../../../session/audience';
import { requireSession } from '../../../session/current';
import { sentSoon } from '../../../session/sent-soon';
import { draftPath } from '@/ui/Report/draft-path';

export const metadata: Metadata = { title: 'Report' };

export default async function ReportPage({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: SearchParams;
}) {
  await requireSession();
  const { id } = await params;
  const audience = await wantedAudience(searchParams);
  preload(draftPath(id, audience), sentSoon);
  return <Report report={{ inspection: id }} audience={audience} />;
}
