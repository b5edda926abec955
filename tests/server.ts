import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { createServer } from 'node:net';

export interface RunningServer {
  origin: string;
  port: number;
  process: ChildProcess;
  /** At once, as a power cut would. */
  kill(): Promise<void>;
}

export function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
    });
  });
}

/** Starts the built application on loopback and waits until it answers. @param cwd where it was built */
export async function startServer(
  port: number,
  more: Record<string, string> = {},
  cwd = process.cwd(),
): Promise<RunningServer> {
  const child = spawn(process.execPath, ['.next/east-gate/web.mjs'], {
    cwd,
    env: {
      ...process.env,
      NODE_ENV: 'production',
      PORT: String(port),
      EAST_GATE_DEMO: '1',
      NEXT_TELEMETRY_DISABLED: '1',
      EAST_GATE_PRELOAD: '0',
      NODE_OPTIONS: '',
      ...more,
    },
    stdio: 'ignore',
  });
  const origin = `http://127.0.0.1:${port}`;
  for (let attempt = 0; attempt < 400; attempt += 1) {
    if (child.exitCode !== null)
      throw new Error(`The server ended with ${child.exitCode}; is it built?`);
    const answered = await fetch(`${origin}/health/live`).then(
      (response) => response.ok,
      () => false,
    );
    if (answered) break;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  const ended = new Promise<void>((resolve) => child.once('exit', () => resolve()));
  return {
    origin,
    port,
    process: child,
    kill: async () => {
      child.kill('SIGKILL');
      await ended;
    },
  };
}

/** Signs in over HTTP and returns the session's cookie. */
export async function signInCookie(
  origin: string,
  email: string,
  password: string,
): Promise<string> {
  const response = await fetch(`${origin}/sign-in/submit`, {
    method: 'POST',
    body: new URLSearchParams({ email, password }),
    redirect: 'manual',
  });
  const cookie = response.headers.get('set-cookie')?.split(';')[0];
  if (!cookie?.startsWith('east-gate-session='))
    throw new Error(`Sign-in gave ${response.status} ${response.headers.get('location')}`);
  return cookie;
}

/**
 * Starts what works the queue, as bin/demo does. It works for every test there is: what it has in hand as it is ended
 * may be another's, and is finished.
 */
export function startWorker(): { end(): void } {
  const child = spawn(process.execPath, ['.next/east-gate/work.mjs'], {
    env: { ...process.env, NODE_ENV: 'production', NODE_OPTIONS: '' },
    stdio: 'ignore',
  });
  return { end: () => void child.kill('SIGTERM') };
}
