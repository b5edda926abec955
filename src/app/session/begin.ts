import 'server-only';
import { cookies } from 'next/headers';
import type { SignIn } from '@/server/commands/sign-in';
import { sessionDays } from '@/server/commands/sign-in';
import { memberCookie } from '@/core/vocabulary/member-cookie';
import { deviceCookie, sessionCookie } from '@/server/web/cookies';
import { isSecure } from './origin';

const day = 24 * 60 * 60;

/** The token this device was given when somebody signed in on it before. */
export const knownDevice = async () => (await cookies()).get(deviceCookie)?.value;

/** Gives the browser its session. */
export async function keepSession({
  member,
  token,
  device,
}: Extract<SignIn, { outcome: 'signed-in' }>): Promise<void> {
  const jar = await cookies();
  const kept = { httpOnly: true, sameSite: 'lax', secure: isSecure(), path: '/' } as const;
  // The server says when it ends; the browser only keeps it long enough.
  jar.set(sessionCookie, token, { ...kept, maxAge: sessionDays * day });
  // Whose this device is: read by its pages, so that none of them shows what was kept for somebody else.
  jar.set(memberCookie, member, { ...kept, httpOnly: false, maxAge: sessionDays * day });
  // It opens nothing; it only says that somebody signed in on this device before.
  jar.set(deviceCookie, device, { ...kept, path: '/sign-in', maxAge: 400 * day });
}
