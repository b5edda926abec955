import { Gauge, Histogram, register } from 'prom-client';

/** Metrics of this process. One registry a process: the pages and what stands before them share it. */
const histogram = (name: string, help: string, labels: readonly string[], buckets: number[]) =>
  (register.getSingleMetric(name) as Histogram | undefined) ??
  new Histogram({ name, help, labelNames: [...labels], buckets });
const gauge = (name: string, help: string, labels: readonly string[]) =>
  (register.getSingleMetric(name) as Gauge | undefined) ??
  new Gauge({ name, help, labelNames: [...labels] });

export const requestSeconds = histogram(
  'east_gate_request_seconds',
  'Seconds until a request was answered, by method, route and status.',
  ['method', 'route', 'status'],
  [0.005, 0.02, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 10],
);
export const judgeSeconds = histogram(
  'east_gate_judge_seconds',
  'Seconds the rules took over one inspection on the server.',
  [],
  [0.002, 0.01, 0.03, 0.1, 0.3, 1, 3],
);
export const poolConnections = gauge(
  'east_gate_pool_connections',
  'Connections to the database: all, idle, and those waited for.',
  ['state'],
);
export const queueJobs = gauge('east_gate_queue_jobs', 'Jobs by queue and state.', [
  'queue',
  'state',
]);
export const queueAge = gauge(
  'east_gate_queue_oldest_seconds',
  'Seconds the oldest job of a queue waits.',
  ['queue'],
);

export { register };
