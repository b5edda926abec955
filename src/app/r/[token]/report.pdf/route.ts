import { openLink } from '@/server/commands/links';
import { addressOf, isHead } from '../../../session/address';
import { reportFile } from '../../../session/report-file';
import { nothingHere } from '@/server/web/answers';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ token: string }> },
): Promise<Response> {
  const asking = new URL(request.url).searchParams.has('ask');
  const opened = await openLink(
    (await params).token,
    addressOf(request.headers),
    asking ? 'pictured' : isHead(request.headers) ? 'looked' : 'downloaded',
  );
  if (!opened) return nothingHere();
  const { organisation, row } = opened;
  return reportFile(request, organisation, { report: row.id }, row.number, nothingHere);
}
