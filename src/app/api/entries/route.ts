import { deliverEntries } from '@/server/commands/deliver-entries';
import { currentSession } from '../../session/current';
import { crossSite, isSameOrigin, signedOut } from '../../session/same-origin';

const mostBytes = 4 * 1024 * 1024;

/** Receives a batch of entries of one inspection, in order. */
export async function POST(request: Request): Promise<Response> {
  if (!isSameOrigin(request)) return crossSite();
  const session = await currentSession();
  if (!session) return signedOut();
  const member = request.headers.get('x-east-gate-member');
  if (member !== null && member !== session.member)
    return Response.json({ fault: 'Somebody else is signed in on this device.' }, { status: 409 });
  const text = await request.text();
  if (text.length > mostBytes)
    return Response.json(
      { fault: `A batch is at most ${mostBytes} bytes, this one ${text.length}.` },
      { status: 413 },
    );
  let body: unknown;
  try {
    body = JSON.parse(text);
  } catch (error) {
    return Response.json(
      { fault: `The batch is not JSON: ${(error as Error).message}` },
      { status: 400 },
    );
  }
  const delivered = await deliverEntries(session, body);
  return delivered.ok
    ? Response.json({ deliveries: delivered.deliveries })
    : Response.json({ fault: delivered.fault }, { status: 400 });
}
