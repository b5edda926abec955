import { cookies } from 'next/headers';
import { sessionDays, signIn } from '@/server/commands/sign-in';
import { addressOf } from '../../session/address';
import { seeOther } from '../../session/answers';
import { deviceCookie, sessionCookie } from '../../session/current';
import { isSecure } from '../../session/origin';
import { readForm } from '../../session/read-form';

export async function POST(request: Request): Promise<Response> {
  const read = await readForm(request);
  if ('answer' in read) return read.answer;
  const jar = await cookies();
  const result = await signIn(read.fields, {
    address: addressOf(request.headers),
    device: jar.get(deviceCookie)?.value,
  });
  if (result.outcome !== 'signed-in') return seeOther(`/sign-in?outcome=${result.outcome}`);
  const day = 24 * 60 * 60;
  const kept = { httpOnly: true, sameSite: 'lax', secure: isSecure(), path: '/' } as const;
  jar.set(sessionCookie, result.token, { ...kept, maxAge: sessionDays * day });
  // It opens nothing; it only says that somebody signed in on this device before.
  jar.set(deviceCookie, result.device, { ...kept, path: '/sign-in', maxAge: 400 * day });
  return seeOther('/');
}
