import 'server-only';
import type { Session } from '@/server/session';
import { notHere, signedOut } from '@/server/web/answers';
import { answering } from '@/server/web/answering';
import { currentSession, sessionWasEnded } from './current';

/**
 * A handler that sends a page what it is drawn from, as JSON text, to whoever is signed in. Undefined: nothing of
 * this name is here.
 */
export const sending = <Parameters>(
  read: (session: Session, at: Parameters, query: URLSearchParams) => Promise<string | undefined>,
) =>
  answering(async (request: Request, { params }: { params: Promise<Parameters> }) => {
    const session = await currentSession();
    if (!session) return signedOut(await sessionWasEnded());
    const text = await read(session, await params, new URL(request.url).searchParams);
    return text === undefined
      ? notHere()
      : new Response(text, {
          headers: { 'content-type': 'application/json', 'cache-control': 'private, no-store' },
        });
  });
