import type { ServerResponse } from 'node:http';
import { notReadyBecause } from '../db/ready';

export const livePath = '/health/live';
export const readyPath = '/health/ready';

/** Whether this process answers at all. */
export function showLive(response: ServerResponse): void {
  response.setHeader('content-type', 'text/plain; charset=utf-8');
  response.end('live\n');
}

/** Whether requests can be sent here: the database answers, and it is one this program knows. */
export async function showReady(response: ServerResponse, databaseUrl: string): Promise<void> {
  const fault = await notReadyBecause(databaseUrl);
  response.statusCode = fault ? 503 : 200;
  response.setHeader('content-type', 'text/plain; charset=utf-8');
  response.end(fault ? `not ready: ${fault}\n` : 'ready\n');
}
