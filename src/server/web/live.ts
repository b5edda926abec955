import 'server-only';
import type { IncomingMessage, ServerResponse } from 'node:http';
import * as v from 'valibot';
import { handSchema } from '@/core/fieldwork/hand/hand';
import { patterns } from '@/core/record/entries/entry';
import { describeFault, faultsOf } from '@/core/vocabulary/fault';
import { findSession, wasEnded } from '../commands/sign-in';
import { readArrived } from '../commands/read-arrived';
import { closeLive, liveHub } from '../live/live';
import { EventStream } from '../live/stream';
import type { Session } from '../session';
import { signedOut } from './answers';
import { answering } from './answering';
import { cookieOf, sessionCookie } from './cookies';
import { postings } from './posting';
import { faults, readJson } from './read-json';
import type { Sent } from './sent';

/** Streams one member, one office and one process hold at most: whoever gets none asks now and then. */
const most = { member: 12, office: 300, process: 2000 };
/** Milliseconds between two looks at whether a session still is one: nobody listens on after it was ended. */
const sessionMs = 10_000;

const id = v.pipe(v.string(), v.regex(patterns.id, 'an id of 1 to 64 letters, digits, - or _'));
const askedSchema = v.object({
  inspection: id,
  after: v.pipe(
    v.string(),
    v.regex(/^\d{1,15}$/, 'a place in the order of arrival'),
    v.transform(Number),
  ),
});

type Asked = { fault: string } | { inspection: string; after: number };

/** Which inspection is watched, and from where on; a browser that asks anew says itself how far it had come. */
function askedIn(target: string, lastEvent: string | string[] | undefined): Asked {
  const query = new URL(target, 'http://localhost').searchParams;
  const read = v.safeParse(askedSchema, {
    inspection: query.get('inspection') ?? '',
    after: lastEvent ?? query.get('after') ?? '0',
  });
  return read.success
    ? read.output
    : { fault: faultsOf(read.issues).map(describeFault).join('; ') };
}

const open = new Set<{ session: Session; token: string; stream: EventStream }>();
let looking: ReturnType<typeof setTimeout> | undefined;

function mayOpen({ organisation, member }: Session): boolean {
  const office = [...open].filter(({ session }) => session.organisation === organisation);
  return (
    open.size < most.process &&
    office.length < most.office &&
    office.filter(({ session }) => session.member === member).length < most.member
  );
}

/** Ends the streams of those who are signed in no longer, here or by another process; then looks again later. */
async function lookAtSessions(): Promise<void> {
  const ended = new Map<string, boolean>();
  for (const { token, session, stream } of [...open]) {
    if (!ended.has(token)) {
      const now = await findSession(token).catch(() => session);
      ended.set(token, now?.member !== session.member);
    }
    if (ended.get(token)) stream.end();
  }
  looking = open.size > 0 ? lookLater() : undefined;
}

const lookLater = () => setTimeout(() => void lookAtSessions(), sessionMs).unref();

/** Streams what arrives at an inspection and who is there, for as long as somebody watches. */
export async function streamLive(
  request: IncomingMessage,
  response: ServerResponse,
): Promise<void> {
  const answer = async (refused: Response) => {
    refused.headers.forEach((value, name) => response.setHeader(name, value));
    response.statusCode = refused.status;
    response.end(await refused.text());
  };
  const token = cookieOf(request.headers.cookie ?? '', sessionCookie);
  const session = await findSession(token);
  if (!session || !token) return answer(signedOut(await wasEnded(token)));
  const asked = askedIn(request.url ?? '', request.headers['last-event-id']);
  if ('fault' in asked) return answer(faults(400, asked.fault));
  if (!mayOpen(session)) {
    const busy = faults(503, 'So many watch at once that no more are taken just now.');
    busy.headers.set('retry-after', '30');
    return answer(busy);
  }
  let leave = () => undefined as void;
  const stream = new EventStream(response, () => {
    leave();
    open.delete(one);
  });
  const one = { session, token, stream };
  open.add(one);
  looking ??= lookLater();
  leave = liveHub().watch({
    organisation: session.organisation,
    inspection: asked.inspection,
    after: asked.after,
    tell: (told) => stream.tell(told),
  });
}

/** The same asked now and then, where a stream does not come through. */
export async function askLive(session: Session, target: string): Promise<Response> {
  const asked = askedIn(target, undefined);
  if ('fault' in asked) return faults(400, asked.fault);
  const { organisation } = session;
  const news = await readArrived(session, asked.inspection, asked.after);
  return Response.json({ news, here: liveHub().here(organisation, asked.inspection) });
}

const hereSchema = v.strictObject({
  inspection: id,
  device: id,
  hand: v.optional(handSchema),
  gone: v.optional(v.literal(true)),
});

/** Somebody says that he is at an inspection, and what he has in hand; nothing of it is kept. */
export const takeHere = answering(async (sent: Sent) => {
  const read = await readJson(sent, postings.live);
  if ('answer' in read) return read.answer;
  const { session, body } = read;
  const here = v.safeParse(hereSchema, body);
  if (!here.success) return faults(400, ...faultsOf(here.issues).map(describeFault));
  const { inspection, device, hand, gone } = here.output;
  const { organisation, member, name } = session;
  await liveHub().say({
    organisation,
    inspection,
    present: { device, member, name, ...(hand && { hand }) },
    ...(gone && { gone }),
  });
  return new Response(null, { status: 204 });
});

export { closeLive };
