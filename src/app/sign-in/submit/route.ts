import { cookies } from 'next/headers';
import { sessionDays, signIn } from '@/server/commands/sign-in';
import { addressOf } from '../../session/address';
import { seeOther } from '../../session/answers';
import { sessionCookie } from '../../session/current';
import { isSecure } from '../../session/origin';
import { readForm } from '../../session/read-form';

export async function POST(request: Request): Promise<Response> {
  const read = await readForm(request);
  if ('answer' in read) return read.answer;
  const result = await signIn(read.fields);
  if (result.outcome !== 'signed-in') return seeOther(`/sign-in?outcome=${result.outcome}`);
  (await cookies()).set(sessionCookie, result.token, {
    httpOnly: true,
    sameSite: 'lax',
    secure: isSecure(),
    path: '/',
    maxAge: sessionDays * 24 * 60 * 60,
  });
  return seeOther('/');
}
