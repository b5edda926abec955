import { createServer } from 'node:http';
import next from 'next';
import { readEnvironment } from '../run/environment';
import { frontOf } from './front';

/** The web process: the application behind its front. Ends with one line where a setting is wrong. */
async function main(): Promise<void> {
  const environment = readEnvironment(process.env);
  const { port, hostname, publicOrigin } = environment;
  process.env.PUBLIC_ORIGIN = publicOrigin;
  const application = next({ dev: false, hostname, port });
  const front = frontOf(application.getRequestHandler(), environment);
  await application.prepare();
  const server = createServer(
    {
      maxHeaderSize: 16 * 1024,
      // Whoever sends so slowly that he never ends is not waited for.
      headersTimeout: 15_000,
      requestTimeout: 120_000,
      keepAliveTimeout: 65_000,
    },
    (request, response) => {
      front(request, response).catch((error: unknown) => {
        console.error(error);
        if (!response.headersSent) response.writeHead(500);
        response.end();
      });
    },
  );
  server.listen(port, hostname, () => console.error(`ready on ${hostname}:${port}`));
  const end = () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 5000).unref();
  };
  process.once('SIGINT', end);
  process.once('SIGTERM', end);
}

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
});
