import { openLink } from '@/server/commands/links';
import { issuedPdf } from '@/server/commands/issue-report';
import { addressOf } from '../../../session/address';
import { asPdf } from '../../../session/as-file';
import { nothingHere } from '../../../session/same-origin';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ token: string }> },
): Promise<Response> {
  const opened = await openLink((await params).token, addressOf(request.headers), 'downloaded');
  return opened ? asPdf(await issuedPdf(opened), opened.row.number) : nothingHere();
}
