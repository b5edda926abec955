import { readReport } from '@/server/commands/read-report';
import { currentSession } from '../../../session/current';
import { notHere, signedOut } from '@/server/web/answers';

export async function GET(
  _: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const read = await readReport(session, (await params).id);
  return read ? Response.json(read.report) : notHere();
}
