import type { Metadata } from 'next';
import { DraftReport } from '@/ui/Report/DraftReport';
import type { SearchParams } from '../../../session/audience';
import { wantedAudience } from '../../../session/audience';
import { requireSession } from '../../../session/current';
import { SentSoon } from '@/ui/primitives/SentSoon';
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
  return (
    <>
      <SentSoon path={draftPath(id, audience)} />
      <DraftReport inspection={id} audience={audience} />
    </>
  );
}
