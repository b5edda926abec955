import { readIssued } from '@/server/commands/issued-report';
import { currentSession } from '../../../../session/current';
import { reportDataFile } from '../../../../session/report-data';
import { notHere, signedOut } from '@/server/web/answers';

export async function GET(
  _: Request,
  { params }: { params: Promise<{ report: string; file: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const { report, file } = await params;
  const issued = await readIssued(session.organisation, report);
  return (issued && reportDataFile(file, issued.report)) ?? notHere();
}
