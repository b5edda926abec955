import type { NextRequest } from 'next/server';
import { askLive, takeHere } from '@/server/web/live';
import { signedOut } from '@/server/web/answers';
import { answering } from '@/server/web/answering';
import { currentSession, sessionWasEnded } from '../../session/current';

/** What arrived at an inspection, and who is there, asked now and then. */
export const GET = answering(async (request: NextRequest) => {
  const session = await currentSession();
  return session ? askLive(session, request.url) : signedOut(await sessionWasEnded());
});

/** Where nothing stands in front; the front answers by the same handler. */
export const POST = takeHere;
