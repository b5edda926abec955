import { execFile } from 'node:child_process';
import { connect } from 'node:net';
import type { PartState } from './supervisor';

/** Whether anybody listens there, within a second. */
export const answers = (databaseUrl: string): Promise<boolean> =>
  new Promise((resolve) => {
    const { hostname, port } = new URL(databaseUrl);
    const socket = connect(Number(port || 5432), hostname);
    const say = (answer: boolean) => {
      socket.destroy();
      resolve(answer);
    };
    socket.setTimeout(1000, () => say(false));
    socket.once('connect', () => say(true));
    socket.once('error', () => say(false));
  });

interface Keeping {
  databaseUrl: string;
  /** The program and arguments that start it; it goes on by itself afterwards. */
  start: readonly string[];
  line(text: string): void;
  changed(state: PartState): void;
}

const everyMs = 500;
const mostWaitMs = 8000;

/** Looks after a database of our own: where nobody answers it is started again, ever less often while that fails. */
export function keepDatabase({ databaseUrl, start, line, changed }: Keeping): { stop(): void } {
  let state: PartState = {
    name: 'database',
    state: 'running',
    pid: undefined,
    since: new Date().toISOString(),
    again: 0,
    lastEnd: undefined,
  };
  let stopped = false;
  let failures = 0;
  let timer: NodeJS.Timeout;
  const say = (change: Partial<PartState>) => {
    state = { ...state, ...change, since: new Date().toISOString() };
    changed(state);
  };
  const look = async () => {
    const up = await answers(databaseUrl);
    if (stopped) return;
    if (up) {
      failures = 0;
      if (state.state !== 'running') say({ state: 'running' });
    } else {
      if (state.state === 'running') say({ state: 'waiting', lastEnd: 'nobody answers' });
      line(`nobody answers: started again`);
      const failed = await run(start);
      failures += 1;
      if (failed) line(failed);
      else say({ again: state.again + 1 });
    }
    const wait = failures > 1 ? Math.min(mostWaitMs, everyMs * 2 ** (failures - 1)) : everyMs;
    if (!isStopped()) timer = setTimeout(() => void look(), wait);
  };
  // Asked anew after each wait: it may have been stopped meanwhile.
  const isStopped = () => stopped;
  timer = setTimeout(() => void look(), everyMs);
  return {
    stop: () => {
      stopped = true;
      clearTimeout(timer);
    },
  };
}

const run = ([command = '', ...args]: readonly string[]): Promise<string | undefined> =>
  new Promise((resolve) =>
    execFile(command, args, { timeout: 20_000 }, (failed, _, said) =>
      resolve(failed ? said.trim() || failed.message : undefined),
    ),
  );
