import { cookies } from 'next/headers';
import { redirect } from 'next/navigation';
import { signOut } from '@/server/commands/sign-in';
import { sessionCookie } from '../session/current';
import { crossSite, isSameOrigin } from '../session/same-origin';

export async function POST(request: Request): Promise<Response> {
  if (!isSameOrigin(request)) return crossSite();
  const jar = await cookies();
  await signOut(jar.get(sessionCookie)?.value);
  jar.delete(sessionCookie);
  redirect('/sign-in');
}
