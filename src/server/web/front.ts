import { randomBytes } from 'node:crypto';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { isIP } from 'node:net';
import type { Environment } from '../run/environment';
import { answers } from '../run/database-keeper';
import { readStanding } from '../run/standing';
import { headersOf } from './policy';
import { refusalOf } from './refusal';
import { livePath, readyPath, showLive, showReady } from './health';
import type { Sent } from './sent';
import type { Shells } from './shells';
import { standingLines, standingPage } from './standing-page';

export type Handle = (request: IncomingMessage, response: ServerResponse) => Promise<void>;

/** Headers the front writes itself: what comes in under these names is nobody’s word. */
export const ownHeaders = {
  /** Address of who asks; "unknown" where it cannot be known. */
  address: 'x-east-gate-address',
  /** GET or HEAD, whatever becomes of it inside. */
  method: 'x-east-gate-method',
} as const;

/**
 * Stands before the application: refuses what no page of ours asks, says who asks, and gives every
 * answer its headers. Nothing of a body is read here.
 * @param shells pages that are the same for everybody, answered without rendering them anew
 * @param direct what is posted most, answered without what renders pages
 * @param streams answered by their path for as long as somebody listens
 * @param statics answers with a file of the build where one is asked for
 */
export function frontOf(
  handle: Handle,
  { publicOrigin, behindProxy, databaseUrl }: Environment,
  shells?: Shells,
  direct: Direct = {},
  streams: Readonly<Record<string, Handle>> = {},
  statics: (request: IncomingMessage, response: ServerResponse) => boolean = () => false,
): Handle {
  const secure = publicOrigin.startsWith('https:');
  return async (request, response) => {
    const target = request.url ?? '';
    const nonce = randomBytes(16).toString('base64');
    const [path = ''] = target.split('?', 1);
    for (const [name, value] of Object.entries(headersOf({ path, nonce, secure })))
      response.setHeader(name, value);
    if (path === livePath) return showLive(response);
    if (path === readyPath) return showReady(response, databaseUrl);
    if (path === standingPath || path === `${standingPath}.json`)
      return showStanding(response, path, databaseUrl);
    const refusal = refusalOf({
      method: request.method ?? '',
      target,
      header: (name) => wordOf(request.headers[name]),
    });
    if (refusal) return refuse(request, response, refusal);
    if (statics(request, response)) return;
    if (shells && (await shells.answer(request, response, nonce))) return;
    request.headers[ownHeaders.address] = addressOf(request, behindProxy);
    request.headers[ownHeaders.method] = request.method;
    for (const name of ['forwarded', 'x-forwarded-for', 'x-forwarded-host', 'x-forwarded-proto'])
      delete request.headers[name];
    const handler = request.method === 'POST' ? direct[path] : undefined;
    if (handler) return send(response, await handler(sentBy(request)));
    const stream = request.method === 'GET' ? streams[path] : undefined;
    if (stream) return stream(request, response);
    // The renderer writes the nonce it finds here into the scripts of the page.
    const policy = response.getHeader('content-security-policy');
    if (typeof policy === 'string') request.headers['content-security-policy'] = policy;
    else delete request.headers['content-security-policy'];
    await handle(request, response);
  };
}

/** Handlers by their path: of a request whose head was looked at, its answer. */
export type Direct = Readonly<Record<string, (sent: Sent) => Promise<Response>>>;

const sentBy = (request: IncomingMessage): Sent => ({
  headers: { get: (name) => wordOf(request.headers[name.toLowerCase()]) ?? null },
  body: request,
});

async function send(response: ServerResponse, answer: Response): Promise<void> {
  answer.headers.forEach((value, name) => response.setHeader(name, value));
  response.statusCode = answer.status;
  response.end(await answer.text());
}

/** What runs: told by whoever keeps it running, asked of nobody but the database’s port. */
const standingPath = '/standing';

async function showStanding(
  response: ServerResponse,
  path: string,
  databaseUrl: string,
): Promise<void> {
  const standing = {
    parts: readStanding(process.env.EAST_GATE_STANDING),
    database: await answers(databaseUrl),
  };
  const json = path.endsWith('.json');
  response.setHeader('content-type', json ? 'application/json' : 'text/html; charset=utf-8');
  response.end(json ? JSON.stringify(standingLines(standing)) : standingPage(standing));
}

function refuse(
  request: IncomingMessage,
  response: ServerResponse,
  { status, says, headers = {} }: NonNullable<ReturnType<typeof refusalOf>>,
): Promise<void> {
  response.writeHead(status, {
    ...headers,
    'content-type': 'application/json; charset=utf-8',
    // What else comes of it is not waited for.
    connection: 'close',
  });
  response.end(
    request.method === 'HEAD' ? undefined : JSON.stringify({ fault: says, faults: [says] }),
  );
  request.resume();
  return Promise.resolve();
}

/** Who is limited: the socket’s address, or the one the proxy in front names last, where one is set up. */
export function addressOf(request: IncomingMessage, behindProxy: boolean): string {
  const socket = request.socket.remoteAddress ?? 'unknown';
  if (!behindProxy) return socket;
  const told = wordOf(request.headers['x-forwarded-for'])?.split(',').at(-1)?.trim() ?? '';
  return isIP(told) > 0 ? told : 'unknown';
}

const wordOf = (value: string | string[] | undefined): string | undefined =>
  Array.isArray(value) ? value.at(-1) : value;
