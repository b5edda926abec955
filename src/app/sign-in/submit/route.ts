import { cookies } from 'next/headers';
import { sessionDays, signIn } from '@/server/commands/sign-in';
import { sessionCookie } from '../../session/current';
import { crossSite, isSameOrigin, seeOther } from '../../session/same-origin';

export async function POST(request: Request): Promise<Response> {
  if (!isSameOrigin(request)) return crossSite();
  const form = await request.formData();
  const result = await signIn(Object.fromEntries(form));
  if (result.outcome !== 'signed-in') return seeOther(`/sign-in?outcome=${result.outcome}`);
  (await cookies()).set(sessionCookie, result.token, {
    httpOnly: true,
    sameSite: 'lax',
    secure: request.headers.get('x-forwarded-proto') === 'https',
    path: '/',
    maxAge: sessionDays * 24 * 60 * 60,
  });
  return seeOther('/');
}
