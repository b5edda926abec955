import { issuedPdf, readIssued } from '@/server/commands/issue-report';
import { currentSession } from '../../../session/current';
import { notHere, signedOut } from '../../../session/same-origin';
import { asPdf } from '../../../session/as-file';

export async function GET(
  _: Request,
  { params }: { params: Promise<{ report: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const issued = await readIssued(session.organisation, (await params).report);
  return issued ? asPdf(await issuedPdf(issued), issued.row.number) : notHere();
}
