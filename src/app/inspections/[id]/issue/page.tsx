import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { issueCheck } from '@/core/show/report/issue-check';
import { listIssued } from '@/server/commands/issued-report';
import { listLinks } from '@/server/commands/links';
import { readReport } from '@/server/commands/read-report';
import { issuedDay, numberWords } from '@/server/commands/stored-inspection';
import { Issue } from '@/ui/Issue/Issue';
import { requireSession } from '../../../session/current';
import { utcDay } from '@/core/show/report/dates';

export const metadata: Metadata = { title: 'Issue' };

export default async function IssuePage({ params }: { params: Promise<{ id: string }> }) {
  const session = await requireSession();
  const { id } = await params;
  const read = await readReport(session, id);
  if (!read) notFound();
  const [issued, links] = await Promise.all([listIssued(session, id), listLinks(session, id)]);
  return (
    <Issue
      inspection={id}
      place={read.report.place}
      member={{ name: session.name, licence: session.licence }}
      lines={issueCheck(read.assessment)}
      entries={read.entries}
      issued={issued.map((row) => ({
        id: row.id,
        number: numberWords(row),
        kind: row.kind,
        on: issuedDay(row),
        signedName: row.signed_name,
        digest: row.digest,
        changes: row.changes,
        entries: row.entries,
      }))}
      links={links.map((link) => ({
        id: link.id,
        report: link.report_id,
        to: link.sent_to,
        until: utcDay(link.expires_at),
        state: link.revoked_at ? 'revoked' : link.expires_at < new Date() ? 'expired' : 'open',
        opened: link.opened,
        acknowledged: link.acknowledged_at
          ? `${link.acknowledged_by}, ${utcDay(link.acknowledged_at)}`
          : undefined,
      }))}
    />
  );
}
