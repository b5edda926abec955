import { createServer } from 'node:http';
import type { IncomingMessage, Server, ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { promisify } from 'node:util';
import { gzip } from 'node:zlib';
import { themeOf } from '@/core/vocabulary/themes';
import { idMark, shellAt } from '@/worker/shell-paths';
import { cookieOf, sessionCookie } from './cookies';

type Handle = (request: IncomingMessage, response: ServerResponse) => Promise<void>;

/** Stands where the nonce of an answer will: it could be one. */
const nonceMark = 'bm9uY2Ugb2YgdGhlIGFuc3dlcg==';

/** Which shell a request is answered with; undefined: its page is rendered for it. */
export function shellOf(request: Pick<IncomingMessage, 'method' | 'url' | 'headers'>) {
  const { method, url = '', headers } = request;
  const cookie = headers.cookie ?? '';
  // Whoever has no session is sent to sign in; a page asked for by a page before it is no whole one.
  if (method !== 'GET' || headers.rsc !== undefined || !cookieOf(cookie, sessionCookie))
    return undefined;
  const theme = themeOf(cookieOf(cookie, 'east-gate-theme'));
  const shell = shellAt(url);
  return shell && { ...shell, theme };
}

/**
 * Pages as they are the same for everybody, rendered once for each theme; nonce and id are filled in for each
 * answer. At most one for each view and theme is kept.
 */
export class Shells {
  private readonly kept = new Map<string, Promise<string | undefined>>();
  private readonly inner: Server;

  /** @param handle renders pages; asked through a port of loopback that nobody else is told */
  constructor(handle: Handle) {
    this.inner = createServer((request, response) => void handle(request, response));
    this.inner.listen({ port: 0, host: '127.0.0.1', exclusive: true }).unref();
  }

  close(): void {
    this.inner.close();
    this.inner.closeAllConnections();
  }

  /** Answers with a shell; false: there is none, nothing was answered. */
  async answer(
    request: IncomingMessage,
    response: ServerResponse,
    nonce: string,
  ): Promise<boolean> {
    const shell = shellOf(request);
    if (!shell) return false;
    const html = await this.shell(shell, request.headers.cookie ?? '');
    if (html === undefined) return false;
    const whole = html.replaceAll(nonceMark, nonce).replaceAll(idMark, shell.id);
    response.setHeader('content-type', 'text/html; charset=utf-8');
    response.setHeader('vary', 'rsc, accept-encoding, cookie');
    if (!/\bgzip\b/.test(String(request.headers['accept-encoding']))) {
      response.end(whole);
      return true;
    }
    response.setHeader('content-encoding', 'gzip');
    response.end(await promisify(gzip)(whole, { level: 3 }));
    return true;
  }

  private shell(
    { path, theme }: NonNullable<ReturnType<typeof shellOf>>,
    cookie: string,
  ): Promise<string | undefined> {
    const key = `${theme} ${path}`;
    const known = this.kept.get(key);
    if (known) return known;
    const rendered = this.render(path, cookie).catch(() => undefined);
    this.kept.set(key, rendered);
    // Of whoever is signed in no longer there is no page to keep.
    void rendered.then((html) => html === undefined && this.kept.delete(key));
    return rendered;
  }

  private async render(path: string, cookie: string): Promise<string | undefined> {
    if (!this.inner.listening)
      await new Promise((resolve) => this.inner.once('listening', resolve));
    const { port } = this.inner.address() as AddressInfo;
    const answer = await fetch(`http://127.0.0.1:${port}${path}`, {
      headers: {
        cookie,
        accept: 'text/html',
        'accept-encoding': 'identity',
        'content-security-policy': `script-src 'nonce-${nonceMark}'`,
      },
      redirect: 'manual',
    });
    return answer.status === 200 ? answer.text() : undefined;
  }
}
