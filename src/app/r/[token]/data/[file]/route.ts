import { openLink } from '@/server/commands/links';
import { addressOf } from '../../../../session/address';
import { reportDataFile } from '../../../../session/report-data';
import { nothingHere } from '@/server/web/answers';

export async function GET(
  request: Request,
  { params }: { params: Promise<{ token: string; file: string }> },
): Promise<Response> {
  const { token, file } = await params;
  const opened = await openLink(token, addressOf(request.headers), 'downloaded');
  return (opened && reportDataFile(file, opened.report)) ?? nothingHere();
}
