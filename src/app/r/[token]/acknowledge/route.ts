import { acknowledge } from '@/server/commands/links';
import { addressOf } from '../../../session/address';
import { nothingHere, seeOther } from '@/server/web/answers';
import { readForm } from '../../../session/read-form';

/** The client confirms that the report was read. */
export async function POST(
  request: Request,
  { params }: { params: Promise<{ token: string }> },
): Promise<Response> {
  const read = await readForm(request);
  if ('answer' in read) return read.answer;
  const { token } = await params;
  const done = await acknowledge(token, addressOf(request.headers), read.fields.name);
  return done ? seeOther(`/r/${token}`) : nothingHere();
}
