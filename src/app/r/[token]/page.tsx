import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import { issuedSheetOf } from '@/server/commands/issued-report';
import { openLink } from '@/server/commands/links';
import { Acknowledge } from '@/ui/Report/Acknowledge';
import { Report } from '@/ui/Report/Report';
import type { SearchParams } from '../../session/audience';
import { wantedAudience } from '../../session/audience';
import { addressOf, isHead } from '../../session/address';
import { utcDay } from '@/core/show/report/dates';

export const metadata: Metadata = {
  title: 'Panel report',
  robots: { index: false, follow: false },
  referrer: 'no-referrer',
};

/** What a client sees: one report, nothing else of the organisation. */
export default async function LinkPage({
  params,
  searchParams,
}: {
  params: Promise<{ token: string }>;
  searchParams: SearchParams;
}) {
  const { token } = await params;
  const asked = await headers();
  const opened = await openLink(token, addressOf(asked), isHead(asked) ? 'looked' : 'opened');
  if (!opened) notFound();
  const audience = await wantedAudience(searchParams);
  const base = `/r/${token}`;
  const danger = opened.report.firstThings.find(({ grade }) => grade === 'danger');
  return (
    <Report
      report={opened.report}
      sheet={issuedSheetOf(opened, audience, 'screen')}
      audience={audience}
      issued={{ digest: opened.row.digest, base, by: 'client' }}
      above={
        danger && (
          <Acknowledge
            action={`${base}/acknowledge`}
            done={
              opened.acknowledged && {
                by: opened.acknowledged.by,
                on: utcDay(opened.acknowledged.at),
              }
            }
          />
        )
      }
    />
  );
}
