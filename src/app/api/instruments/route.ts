import { setTimeout as wait } from 'node:timers/promises';
import { holdInstrument } from '@/server/commands/read-instrument';
import { currentSession } from '../../session/current';
import { notHere, signedOut } from '@/server/web/answers';

const everyMs = 350;
/** An instrument left on goes to sleep. */
const longestMs = 10 * 60 * 1000;

/** Figures of a stand-in instrument, as server-sent events. */
export async function GET(request: Request): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const query = new URL(request.url).searchParams;
  const word = (name: string) => query.get(name) ?? '';
  const held = await holdInstrument(
    session,
    word('inspection'),
    { about: word('about'), property: word('property') },
    query.has('off'),
  );
  if (!held) return notHere();
  const encoder = new TextEncoder();
  const stream = new ReadableStream({
    async start(controller) {
      const send = (text: string) => controller.enqueue(encoder.encode(text));
      try {
        if (!held.ok) send(`event: fault\ndata: ${held.fault}\n\n`);
        else
          for (let tick = 0; tick * everyMs < longestMs && !request.signal.aborted; tick += 1) {
            send(`data: ${JSON.stringify(held.sample(tick, new Date().toISOString()))}\n\n`);
            await wait(everyMs, undefined, { signal: request.signal });
          }
        controller.close();
      } catch {
        // Whoever listened went away.
      }
    },
  });
  return new Response(stream, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' },
  });
}
