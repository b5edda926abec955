import { acknowledge } from '@/server/commands/links';
import { addressOf } from '../../../session/address';
import { crossSite, isSameOrigin, nothingHere, seeOther } from '../../../session/same-origin';

/** The client confirms that the report was read. */
export async function POST(
  request: Request,
  { params }: { params: Promise<{ token: string }> },
): Promise<Response> {
  if (!isSameOrigin(request)) return crossSite();
  const { token } = await params;
  const form = await request.formData().catch(() => undefined);
  const done = await acknowledge(token, addressOf(request.headers), form?.get('name'));
  return done ? seeOther(`/r/${token}`) : nothingHere();
}
