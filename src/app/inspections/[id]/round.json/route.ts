import { walkRound } from '@/server/commands/read-instrument';
import { currentSession } from '../../../session/current';
import { notHere, signedOut } from '@/server/web/answers';

/** Which outlets of the stand-in house are dead in a round. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const round = new URL(request.url).searchParams.get('round') ?? '';
  const outlets = await walkRound(session, (await params).id, round);
  return outlets ? Response.json({ outlets }) : notHere();
}
