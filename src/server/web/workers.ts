import cluster from 'node:cluster';
import type { Worker } from 'node:cluster';
import type { Environment } from '../run/environment';
import { beginAgain } from '../run/begin-again';
import { log } from '../run/log';
import { serveMetrics } from './metrics-server';

/**
 * Several web processes behind one port: connections go to one after another; one that ends is begun again while
 * the others go on.
 */
export function keepWorkers({ processes, metricsPort }: Environment): void {
  let ending = false;
  let failures = 0;
  const begin = (): Worker => {
    const began = Date.now();
    const worker = cluster.fork();
    worker.once('exit', (code, signal) => {
      if (ending) {
        if (Object.keys(cluster.workers ?? {}).length === 0) process.exit(0);
        return;
      }
      const again = beginAgain(began, failures);
      failures = again.failures;
      log.error(
        { pid: worker.process.pid, code, signal, wait: again.waitMs },
        'a web process ended',
      );
      setTimeout(() => {
        if (!ending) begin();
      }, again.waitMs);
    });
    return worker;
  };
  for (let nth = 0; nth < processes; nth += 1) begin();
  const metrics = metricsPort ? serveMetrics(metricsPort) : undefined;
  const end = () => {
    ending = true;
    metrics?.close();
    const workers = Object.values(cluster.workers ?? {});
    if (workers.length === 0) process.exit(0);
    for (const worker of workers) worker?.process.kill('SIGTERM');
  };
  process.once('SIGINT', end);
  process.once('SIGTERM', end);
}
