import { randomUUID } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { log } from '../run/log';
import { requestSeconds } from '../run/metrics';

type Handle = (request: IncomingMessage, response: ServerResponse) => Promise<void>;

/** Names a request, and tells how long it took and how it ended: by its route, never by what stands in it. */
export const watched =
  (handle: Handle, routeOf: (path: string) => string): Handle =>
  async (request, response) => {
    const id = randomUUID();
    const began = performance.now();
    const method = methods.has(request.method ?? '') ? request.method! : 'other';
    const route = routeOf((request.url ?? '').split('?', 1)[0]!);
    request.headers[requestId] = id;
    response.setHeader(requestId, id);
    response.once('close', () => {
      const seconds = (performance.now() - began) / 1000;
      // An answer that broke off before it began has no status of its own.
      const status = response.headersSent ? response.statusCode : 499;
      requestSeconds.observe({ method, route, status }, seconds);
      const line = { request: id, method, route, status, ms: Math.round(seconds * 1000) };
      if (status >= 500) log.error(line, 'answered');
      else if (route !== '/_next') log.info(line, 'answered');
    });
    try {
      await handle(request, response);
    } catch (error) {
      log.error({ request: id, route, fault: faultOf(error) }, 'a fault of ours');
      if (!response.headersSent) response.writeHead(500);
      response.end();
    }
  };

/** The header a request is named by, to the browser and in the logs. */
export const requestId = 'x-request-id';
const methods = new Set(['GET', 'HEAD', 'POST', 'OPTIONS']);

/** Kind and place of an error; its words may hold what somebody typed. */
const faultOf = (error: unknown): { kind: string; stack: string[] } =>
  error instanceof Error
    ? {
        kind: error.name,
        stack: (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line)),
      }
    : { kind: typeof error, stack: [] };
