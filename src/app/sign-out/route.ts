import { cookies } from 'next/headers';
import { signOut } from '@/server/commands/sign-in';
import { sessionCookie } from '@/server/web/cookies';
import { isSameOrigin } from '@/server/web/refusal';
import { crossSite, seeOther } from '@/server/web/answers';

export async function POST(request: Request): Promise<Response> {
  if (!isSameOrigin((name) => request.headers.get(name))) return crossSite();
  const jar = await cookies();
  await signOut(jar.get(sessionCookie)?.value);
  jar.delete(sessionCookie);
  return seeOther('/sign-in');
}
