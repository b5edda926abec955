import { answeringOf } from './answer';
import type { Answering } from './answer';
import type { Build } from './build';
import { namedByContent } from './build';
import { drawnPage, filesNamedIn } from './kept-page';
import { noNetworkPath, shellPaths } from './shell-paths';
import { toldOf } from './told';

/**
 * Answers pages and their scripts from this device, so that they open without a network. What was recorded never
 * passes through here: entries are held and sent by the pages.
 */
declare const self: ServiceWorkerGlobalScope;
declare const build: Build;

const prefix = 'east-gate-build-';
const own = prefix + build.version;
/** What pages told: it is not of a build. */
const told = 'east-gate-told';
/** Files fetched at once: a page may be loading beside it. */
const atOnce = 4;

self.addEventListener('install', (event) => event.waitUntil(keepAll()));

/** Keeps the build whole, or fails and goes on from there the next time it is asked to. */
async function keepAll(): Promise<void> {
  const cache = await caches.open(own);
  const wanted = [...build.files];
  const keepNext = async () => {
    for (let path = wanted.shift(); path; path = wanted.shift()) {
      if (await cache.match(path)) continue;
      const same = path.startsWith(namedByContent) ? await caches.match(path) : undefined;
      await cache.put(path, same ?? (await fetched(path)));
    }
  };
  await Promise.all(Array.from({ length: atOnce }, keepNext));
  const here = new Set(build.files);
  for (const path of shellPaths) {
    const page = await fetched(path);
    const foreign = filesNamedIn(await page.clone().text()).find((file) => !here.has(file));
    if (foreign) throw new Error(`${path} is of another build: it names ${foreign}`);
    await cache.put(path, page);
  }
}

async function fetched(path: string): Promise<Response> {
  const answer = await fetch(path, {
    cache: path.startsWith(namedByContent) ? 'default' : 'no-store',
  });
  if (!answer.ok || answer.redirected) throw new Error(`${path}: ${answer.status}`);
  return answer;
}

self.addEventListener('activate', (event) =>
  event.waitUntil(
    (async () => {
      // A page of the build before may still be open, and load more of it.
      const before = (await caches.keys()).filter(
        (name) => name.startsWith(prefix) && name !== own,
      );
      await Promise.all(before.slice(0, -1).map((name) => caches.delete(name)));
      await self.clients.claim();
    })(),
  ),
);

self.addEventListener('message', (event) => {
  const word = toldOf(event.data);
  if (word?.kind === 'take-over') event.waitUntil(self.skipWaiting());
  if (word?.kind === 'theme')
    event.waitUntil(
      caches.open(told).then((cache) => cache.put('/theme', new Response(word.theme))),
    );
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const answering = answeringOf({
    method: request.method,
    url: request.url,
    origin: self.location.origin,
    navigates: request.mode === 'navigate',
  });
  if (answering.kind !== 'pass') event.respondWith(answer(request, answering));
});

async function answer(
  request: Request,
  answering: Exclude<Answering, { kind: 'pass' }>,
): Promise<Response> {
  switch (answering.kind) {
    case 'file':
      return (await keptFile(request)) ?? fetch(request);
    case 'shell':
      return (await keptPage(answering)) ?? fromServer(request);
    case 'page':
      return fromServer(request);
  }
}

async function keptFile(request: Request): Promise<Response | undefined> {
  const { pathname } = new URL(request.url);
  const kept = (await (await caches.open(own)).match(pathname)) ?? (await caches.match(pathname));
  // A worker reads which files it loads from its own address: an answer of no address leaves it the one asked for.
  return kept && request.destination === 'worker'
    ? new Response(kept.body, { status: 200, headers: kept.headers })
    : kept;
}

async function keptPage({ path, id }: { path: string; id: string }): Promise<Response | undefined> {
  const kept = await (await caches.open(own)).match(path);
  if (!kept) return undefined;
  const theme = await caches.match('/theme', { cacheName: told }).then((one) => one?.text());
  const nonce = btoa(String.fromCharCode(...crypto.getRandomValues(new Uint8Array(16))));
  return drawnPage(kept, { id, theme: theme ?? '', nonce });
}

/** The server’s own page; where it is not reached, one that says so. */
async function fromServer(request: Request): Promise<Response> {
  try {
    return await fetch(request);
  } catch (error) {
    const ours = await keptPage({ path: noNetworkPath, id: '' });
    if (!ours) throw error;
    return ours;
  }
}
