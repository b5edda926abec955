import { readReport } from '@/server/commands/read-report';
import { currentSession } from '../../../../session/current';
import { reportDataFile } from '../../../../session/report-data';
import { notHere, signedOut } from '@/server/web/answers';

export async function GET(
  _: Request,
  { params }: { params: Promise<{ id: string; file: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const { id, file } = await params;
  const read = await readReport(session, id);
  return (read && reportDataFile(file, read.report)) ?? notHere();
}
