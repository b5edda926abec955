import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { issuedSheetOf, readIssued } from '@/server/commands/issued-report';
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
  return (
    <Report
      report={issued.report}
      sheet={issuedSheetOf(issued, audience, 'screen')}
      audience={audience}
      issued={{ digest: issued.row.digest, base: `/issued/${report}`, by: 'member' }}
    />
  );
}
