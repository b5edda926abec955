import cluster from 'node:cluster';
import { readFile } from 'node:fs/promises';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { readEnvironment } from '../run/environment';
import type { Environment } from '../run/environment';
import { log } from '../run/log';
import type * as Entries from './entries';
import type * as Live from './live';
import { frontOf } from './front';
import type { Direct, Handle } from './front';
import { answerMetrics, serveMetrics } from './metrics-server';
import { routeNamer } from './route-of';
import { Shells } from './shells';
import { staticsOf, workerOf } from './statics';
import { watched } from './watched';
import { keepWorkers } from './workers';

/** The web process, or several behind one port. Ends with one line where a setting is wrong. */
async function main(): Promise<void> {
  const environment = readEnvironment(process.env);
  process.env.PUBLIC_ORIGIN = environment.publicOrigin;
  if (environment.processes > 1 && cluster.isPrimary) return keepWorkers(environment);
  await serve(environment);
}

async function serve(environment: Environment): Promise<void> {
  const { port, hostname, metricsPort } = environment;
  // What renders pages is read while the front listens already: a device that waits delivers at once.
  let pages: Promise<Handle> | undefined;
  const handle: Handle = async (request, response) => {
    pages ??= readPages(environment);
    await (
      await pages
    )(request, response);
  };
  const shells = new Shells(handle);
  const statics = staticsOf('.next/static');
  const worker = workerOf('.next/east-gate/worker');
  const front = watched(
    frontOf(
      handle,
      environment,
      shells,
      { '/api/entries': takeEntries, '/api/live': takeHere },
      { '/api/live/stream': streamLive },
      (request, response) => statics(request, response) || worker(request, response),
    ),
    routeNamer(await builtRoutes()),
  );
  const server = createServer(
    {
      maxHeaderSize: 16 * 1024,
      // Whoever sends so slowly that he never ends is not waited for.
      headersTimeout: 15_000,
      requestTimeout: 120_000,
      keepAliveTimeout: 65_000,
    },
    (request, response) => void front(request, response),
  );
  server.listen(port, hostname, () => log.info({ hostname, port }, 'ready'));
  if (cluster.isWorker) answerMetrics();
  // As in next.config.ts: zero reads them when they are asked for.
  if (process.env.EAST_GATE_PRELOAD !== '0') (pages ??= readPages(environment)).catch(fail);
  const metrics = metricsPort && cluster.isPrimary ? serveMetrics(metricsPort) : undefined;
  const end = () => {
    metrics?.close();
    shells.close();
    // Whoever watches asks anew, and is answered by another.
    void liveRead?.then(({ closeLive }) => closeLive());
    // Whoever waits for an answer gets it; nobody new is taken.
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 5000).unref();
  };
  process.once('SIGINT', end);
  process.once('SIGTERM', end);
}

/** What renders pages, ready. */
async function readPages({ port, hostname }: Environment): Promise<Handle> {
  const { default: next } = await import('next');
  const application = next({ dev: false, hostname, port });
  await application.prepare();
  return application.getRequestHandler();
}

/** Deliveries: a program of its own, read when the first comes. */
const takeEntries: Direct[string] = async (sent) => {
  const program = join(process.cwd(), '.next/east-gate/entries.mjs');
  return ((await import(pathToFileURL(program).href)) as typeof Entries).takeEntries(sent);
};

/** Who watches an inspection: another such program, read when the first does. */
const live = () =>
  (liveRead ??= import(
    pathToFileURL(join(process.cwd(), '.next/east-gate/live.mjs')).href
  ) as Promise<typeof Live>);
let liveRead: Promise<typeof Live> | undefined;
const takeHere: Direct[string] = async (sent) => (await live()).takeHere(sent);
const streamLive: Handle = async (request, response) =>
  (await live()).streamLive(request, response);

/** Every route of the build. */
const builtRoutes = async (): Promise<string[]> =>
  Object.values(
    JSON.parse(await readFile('.next/app-path-routes-manifest.json', 'utf8')) as Record<
      string,
      string
    >,
  );

function fail(error: unknown): never {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}

main().catch(fail);
