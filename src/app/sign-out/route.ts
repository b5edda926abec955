import { cookies } from 'next/headers';
import { signOut } from '@/server/commands/sign-in';
import { sessionCookie } from '../session/current';
import { crossSite, isSameOrigin, seeOther } from '../session/same-origin';

export async function POST(request: Request): Promise<Response> {
  if (!isSameOrigin(request)) return crossSite();
  const jar = await cookies();
  await signOut(jar.get(sessionCookie)?.value);
  jar.delete(sessionCookie);
  return seeOther('/sign-in');
}
