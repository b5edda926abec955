import { cookies } from 'next/headers';
import { signOut } from '@/server/commands/sign-in';
import { memberCookie } from '@/core/vocabulary/member-cookie';
import { sessionCookie } from '@/server/web/cookies';
import { isSameOrigin } from '@/server/web/refusal';
import { crossSite, seeOther } from '@/server/web/answers';

export async function POST(request: Request): Promise<Response> {
  if (!isSameOrigin((name) => request.headers.get(name))) return crossSite();
  const jar = await cookies();
  await signOut(jar.get(sessionCookie)?.value);
  jar.delete(sessionCookie);
  jar.delete(memberCookie);
  return seeOther('/sign-in');
}
