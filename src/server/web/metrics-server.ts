import cluster from 'node:cluster';
import { createServer } from 'node:http';
import type { Server } from 'node:http';
import { AggregatorRegistry } from 'prom-client';
import { closePool, inTransaction, poolCounts } from '../db/connect';
import { manyQueueCounts } from '../db/standing';
import { log } from '../run/log';
import { poolConnections, queueAge, queueJobs, register } from '../run/metrics';

/**
 * Metrics of all processes on a port of loopback alone, for whoever watches this machine. They hold counts and
 * times, nothing of an office.
 */
export function serveMetrics(port: number): Server {
  const aggregated = new AggregatorRegistry<'text/plain; version=0.0.4; charset=utf-8'>();
  const server = createServer((request, response) => {
    if (request.url !== '/metrics') {
      response.writeHead(404).end();
      return;
    }
    void metricsText(aggregated).then(
      (text) => response.setHeader('content-type', register.contentType).end(text),
      (error: Error) => {
        log.error({ fault: error.message }, 'metrics');
        response.writeHead(503).end();
      },
    );
  });
  server.listen(port, '127.0.0.1');
  server.once('close', () => void closePool());
  return server;
}

async function metricsText(
  aggregated: Pick<AggregatorRegistry<never>, 'clusterMetrics'>,
): Promise<string> {
  await gatherQueues().catch(() => queueJobs.reset());
  if (Object.keys(cluster.workers ?? {}).length === 0) {
    gatherPool();
    return register.metrics();
  }
  // The queue is counted here, once; what each process does is summed.
  const queue = ['east_gate_queue_jobs', 'east_gate_queue_oldest_seconds'];
  const own = await Promise.all(queue.map((name) => register.getSingleMetricAsString(name)));
  return [...own, await aggregated.clusterMetrics()].join('\n');
}

/** What waits in the queue, and this process' connections. */
async function gatherQueues(): Promise<void> {
  const rows = await inTransaction(manyQueueCounts);
  queueJobs.reset();
  queueAge.reset();
  for (const { queue, state, jobs, oldest } of rows) {
    queueJobs.set({ queue, state }, jobs);
    queueAge.set({ queue }, Math.max(oldest, 0));
  }
}

/** Connections of this process. */
export function gatherPool(): void {
  for (const [state, many] of Object.entries(poolCounts())) poolConnections.set({ state }, many);
}

/** Of one process of several: gives its figures to the one that is asked for them. */
export function answerMetrics(): void {
  void new AggregatorRegistry();
  setInterval(gatherPool, 5000).unref();
}
