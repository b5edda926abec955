import { currentSession } from '../../../session/current';
import { reportFile } from '../../../session/report-file';
import { notHere, signedOut } from '@/server/web/answers';

/** The draft as it stands now, as PDF. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const { id } = await params;
  return reportFile(request, session.organisation, { inspection: id }, id, notHere);
}
