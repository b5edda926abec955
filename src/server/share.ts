import PQueue from 'p-queue';

/** Nothing more is taken for now: to be answered as 503, not as a fault of ours. */
export class Busy extends Error {
  override readonly name = 'Busy';
  constructor() {
    super('So much is asked for at once that no more is taken just now. Ask again in a minute.');
  }
}

/** Whether an error says so: told by its name, as it may come of another program of this process. */
export const isBusy = (error: unknown): error is Busy =>
  error instanceof Error && error.name === 'Busy';

type InShare = ReturnType<typeof shares>;
const globalForShares = globalThis as typeof globalThis & { eastGateShares?: Map<string, InShare> };

/** The shares of one thing in this process: the pages and what stands before them go by the same. */
export function sharesOf(thing: string, atOnce: number, mostWaiting: number): InShare {
  const known = (globalForShares.eastGateShares ??= new Map());
  const here = known.get(thing) ?? shares(atOnce, mostWaiting);
  known.set(thing, here);
  return here;
}

/**
 * A share for each office of what all of them use: so many at once of one, the rest of its own wait their
 * turn, and where too many wait no more are taken. Nobody else waits for them.
 */
export function shares(atOnce: number, mostWaiting: number) {
  const queues = new Map<string, PQueue>();
  return async <T>(office: string, work: () => Promise<T>): Promise<T> => {
    let queue = queues.get(office);
    if (!queue) queues.set(office, (queue = new PQueue({ concurrency: atOnce })));
    if (queue.size >= mostWaiting) throw new Busy();
    try {
      return (await queue.add(work)) as T;
    } finally {
      if (queue.size === 0 && queue.pending === 0) queues.delete(office);
    }
  };
}
