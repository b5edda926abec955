import 'server-only';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { Piscina } from 'piscina';
import { sharesOf } from '../share';
import type { tasks } from './tasks';

type Tasks = typeof tasks;
type Given<Name extends keyof Tasks> = Parameters<Tasks[Name]>[0];
type Answer<Name extends keyof Tasks> = Awaited<ReturnType<Tasks[Name]>>;

/** Of one office at once; how many of its own wait before no more are taken. */
const inShare = sharesOf('threads', 1, 40);
const mostMs = 60_000;
const mostMegabytes = 768;

/** A task that took longer or more than any honest one: it was ended, and nothing of it is kept. */
export class TooMuch extends Error {
  constructor() {
    super('It takes more time or memory than anything that is read here, and was given up.');
  }
}

const globalForThreads = globalThis as typeof globalThis & { eastGateThreads?: Piscina };

function threads(): Piscina {
  globalForThreads.eastGateThreads ??= new Piscina({
    filename: join(process.cwd(), '.next/east-gate/heavy.mjs'),
    execArgv: ['--conditions=react-server'],
    minThreads: 0,
    maxThreads: Math.max(1, availableParallelism() - 1),
    idleTimeout: 30_000,
    resourceLimits: { maxOldGenerationSizeMb: mostMegabytes },
  });
  return globalForThreads.eastGateThreads;
}

/**
 * Runs a task in a thread of its own, within the share of an office. Where EAST_GATE_HEAVY is "here", as in tools that run
 * before anything is built, it runs in this one.
 * @throws TooMuch where it was ended for the time or memory it took
 */
export function heavy<Name extends keyof Tasks>(
  office: string,
  name: Name,
  given: Given<Name>,
): Promise<Answer<Name>> {
  return inShare(office, async (): Promise<Answer<Name>> => {
    if (process.env.EAST_GATE_HEAVY === 'here') {
      const { tasks: here } = await import('./tasks');
      return (await (here[name] as (given: Given<Name>) => unknown)(given)) as Answer<Name>;
    }
    try {
      const signal = AbortSignal.timeout(mostMs);
      return (await threads().run({ name, given }, { signal })) as Answer<Name>;
    } catch (error) {
      const { name: kind, code } = error as { name?: string; code?: string };
      if (kind === 'AbortError' || code === 'ERR_WORKER_OUT_OF_MEMORY') throw new TooMuch();
      throw error;
    }
  });
}

export async function closeThreads(): Promise<void> {
  await globalForThreads.eastGateThreads?.destroy();
  delete globalForThreads.eastGateThreads;
}
