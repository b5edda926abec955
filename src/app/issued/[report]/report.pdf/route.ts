import { readIssued } from '@/server/commands/issued-report';
import { currentSession } from '../../../session/current';
import { reportFile } from '../../../session/report-file';
import { notHere, signedOut } from '@/server/web/answers';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ report: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const { report } = await params;
  const issued = await readIssued(session.organisation, report);
  if (!issued) return notHere();
  return reportFile(request, session.organisation, { report }, issued.row.number, notHere);
}
