import type { ServerResponse } from 'node:http';
import { notReadyBecause } from '../db/ready';

export const livePath = '/health/live';
export const readyPath = '/health/ready';

/** Whether this process answers at all. */
export function showLive(response: ServerResponse): void {
  response.setHeader('content-type', 'text/plain; charset=utf-8');
  response.end('live\n');
}

const freshMs = 2000;
let asked = 0;
let answer: Promise<string | undefined> = Promise.resolve(undefined);

/** Whether requests can be sent here: the database answers, and it is one this program knows. */
export async function showReady(response: ServerResponse, databaseUrl: string): Promise<void> {
  // Whoever asks without end holds no connection by it.
  if (Date.now() - asked > freshMs) {
    asked = Date.now();
    answer = notReadyBecause(databaseUrl);
  }
  const fault = await answer;
  response.statusCode = fault ? 503 : 200;
  response.setHeader('content-type', 'text/plain; charset=utf-8');
  response.end(fault ? `not ready: ${fault}\n` : 'ready\n');
}
