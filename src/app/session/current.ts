import 'server-only';
import { cookies } from 'next/headers';
import { redirect } from 'next/navigation';
import { findSession, wasEnded } from '@/server/commands/sign-in';
import type { Session } from '@/server/session';
import { sessionCookie } from '@/server/web/cookies';

export async function currentSession(): Promise<Session | undefined> {
  return findSession((await cookies()).get(sessionCookie)?.value);
}

/** Of an asker who has no session: whether somebody ended the one this device had. */
export async function sessionWasEnded(): Promise<boolean> {
  return wasEnded((await cookies()).get(sessionCookie)?.value);
}

/** For pages: who is asking, or off to the sign-in page. */
export async function requireSession(): Promise<Session> {
  return (await currentSession()) ?? redirect('/sign-in');
}
