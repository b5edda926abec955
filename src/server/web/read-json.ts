import 'server-only';
import type { Bounds } from '@/core/vocabulary/bounded';
import { troubleIn } from '@/core/vocabulary/bounded';
import { capital } from '@/core/vocabulary/phrases';
import type { Session } from '../session';
import type { Posting } from './posting';
import { postings } from './posting';
import { isSameOrigin, tooLarge } from './refusal';
import { findSession, wasEnded } from '../commands/sign-in';
import { cookieOf, sessionCookie } from './cookies';
import type { Sent } from './sent';
import { readBounded } from './read-bounded';
import { crossSite, signedOut } from './answers';

/** What a page of ours sends at most: settings are the deepest. */
const bounds = { depth: 24, nodes: 300_000, text: 200_000 };

type Read<T> = { session: Session; body: T } | { answer: Response };

/** Who asks and the bytes sent, or the answer to give instead. */
export async function readBytes(request: Sent, posting: Posting): Promise<Read<Buffer>> {
  if (!isSameOrigin((name) => request.headers.get(name))) return { answer: crossSite() };
  const token = cookieOf(request.headers.get('cookie') ?? '', sessionCookie);
  const session = await findSession(token);
  if (!session) return { answer: signedOut(await wasEnded(token)) };
  const member = request.headers.get('x-east-gate-member');
  if (member !== null && member !== session.member)
    return { answer: faults(409, 'Somebody else is signed in on this device.') };
  const body = await readBounded(request, posting.mostBytes);
  return body ? { session, body } : { answer: faults(413, tooLarge(posting.mostBytes).says) };
}

/** Who asks and the JSON sent, within bounds unless these are looked at part by part. */
export async function readJson(
  request: Sent,
  posting: Posting = postings.links,
  bounded = true,
): Promise<Read<unknown>> {
  const read = await readBytes(request, posting);
  if ('answer' in read) return read;
  const parsed = parseBody(read.body, bounded ? bounds : undefined);
  return 'answer' in parsed ? parsed : { session: read.session, body: parsed.body };
}

/** A small JSON sent by whoever is not signed in, or the answer to give instead. */
export async function readOpenJson(
  request: Sent,
): Promise<{ body: unknown } | { answer: Response }> {
  if (!isSameOrigin((name) => request.headers.get(name))) return { answer: crossSite() };
  const bytes = await readBounded(request, postings.open.mostBytes);
  if (!bytes) return { answer: faults(413, tooLarge(postings.open.mostBytes).says) };
  return parseBody(bytes, { depth: 6, nodes: 200, text: 12_000 });
}

/** The JSON of a body within bounds, or the answer to give instead. */
export function parseBody(
  bytes: Buffer,
  within: Bounds | undefined,
): { body: unknown } | { answer: Response } {
  let body: unknown;
  try {
    body = JSON.parse(bytes.toString('utf8'));
  } catch (error) {
    return { answer: faults(400, `This is not JSON: ${(error as Error).message.slice(0, 200)}`) };
  }
  const trouble = within && troubleIn(body, within);
  return trouble ? { answer: faults(400, `${capital(trouble)}.`) } : { body };
}

/** What is wrong, as a list, and as one sentence for those who read that. */
export const faults = (status: number, ...words: string[]) =>
  Response.json({ faults: words, fault: words.join(' ') }, { status });

/** A text of a JSON object, or nothing. */
export const textOf = (body: unknown, name: string): string => {
  const value =
    typeof body === 'object' && body !== null && Object.hasOwn(body, name)
      ? (body as Record<string, unknown>)[name]
      : undefined;
  return typeof value === 'string' ? value : '';
};
