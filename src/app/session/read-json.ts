import 'server-only';
import { currentSession } from './current';
import { readBounded } from './read-bounded';
import { crossSite, isSameOrigin, signedOut } from './same-origin';
import type { Session } from '@/server/session';

const mostBytes = 64 * 1024;

/** Who asks and the JSON sent, or the answer to give instead. */
export async function readJson(
  request: Request,
): Promise<{ session: Session; body: unknown } | { answer: Response }> {
  if (!isSameOrigin(request)) return { answer: crossSite() };
  const session = await currentSession();
  if (!session) return { answer: signedOut() };
  const bytes = await readBounded(request, mostBytes);
  if (!bytes) return { answer: faults(413, `At most ${mostBytes} bytes are taken.`) };
  try {
    return { session, body: JSON.parse(bytes.toString('utf8')) as unknown };
  } catch (error) {
    return { answer: faults(400, `This is not JSON: ${(error as Error).message}`) };
  }
}

export const faults = (status: number, ...words: string[]) =>
  Response.json({ faults: words }, { status });

/** A text of a JSON object, or nothing. */
export const textOf = (body: unknown, name: string): string => {
  const value = (body as Record<string, unknown> | null)?.[name];
  return typeof value === 'string' ? value : '';
};
