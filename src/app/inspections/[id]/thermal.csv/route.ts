import { takeThermalPicture } from '@/server/commands/read-instrument';
import { currentSession } from '../../../session/current';
import { notHere, signedOut } from '@/server/web/answers';

/** The table of °C a stand-in thermal camera writes of a panel. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const panel = new URL(request.url).searchParams.get('panel') ?? '';
  const csv = await takeThermalPicture(session, (await params).id, panel);
  return csv === undefined
    ? notHere()
    : new Response(csv, { headers: { 'content-type': 'text/csv; charset=utf-8' } });
}
