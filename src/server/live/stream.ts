import type { ServerResponse } from 'node:http';
import type { Told } from './hub';

/** Bytes that may wait for a watcher who does not read: then he is let go, and asks anew. */
const mostWaiting = 4 * 1024 * 1024;
/** Milliseconds between two signs of life: what stands between cuts a line on which nothing moves. */
const beatMs = 15_000;
/** Milliseconds a browser waits before it asks anew. */
const retryMs = 1000;

/** A stream of server-sent events. */
export class EventStream {
  private ended = false;
  private readonly beating: ReturnType<typeof setInterval>;

  /** @param onEnd called once, whoever ends it */
  constructor(
    private readonly response: ServerResponse,
    private readonly onEnd: () => void,
  ) {
    response.writeHead(200, {
      'content-type': 'text/event-stream; charset=utf-8',
      // Told as it comes: nothing between gathers or changes it.
      'cache-control': 'private, no-store, no-transform',
      'x-accel-buffering': 'no',
    });
    response.write(`retry: ${retryMs}\nevent: begun\ndata: \n\n`);
    this.beating = setInterval(() => this.write(': \n\n'), beatMs);
    this.beating.unref();
    response.once('close', () => this.end());
  }

  tell(told: Told): void {
    if (told.kind === 'end') return this.end();
    if (told.kind === 'here') this.write(`event: here\ndata: ${JSON.stringify(told.here)}\n\n`);
    else this.write(`event: news\nid: ${told.arrived}\ndata: ${told.text}\n\n`);
  }

  end(): void {
    if (this.ended) return;
    this.ended = true;
    clearInterval(this.beating);
    this.response.end();
    this.onEnd();
  }

  private write(text: string): void {
    if (this.ended) return;
    this.response.write(text);
    if (this.response.writableLength > mostWaiting) this.end();
  }
}
