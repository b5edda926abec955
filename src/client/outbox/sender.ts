import type { HeldDatabase } from './held';
import { settle, waiting } from './held';
import type { SendPicture } from './pictures';
import { deliverPictures } from './pictures';
import type { Transport } from './transport';

/** Why nothing is delivered now: all of it stays held. */
export type Hindrance = 'unreachable' | 'signed-out' | 'not-allowed';
export type Connection = 'idle' | 'sending' | Hindrance;

const batchSize = 200;
const longestPauseMs = 30_000;

/**
 * Delivers what waits, in order, until nothing does. Stops at the first thing it cannot hear
 * about; a refused entry is set aside and the rest goes on.
 */
export async function deliverWaiting(
  db: HeldDatabase,
  member: string,
  transport: Transport,
): Promise<'idle' | Hindrance> {
  for (;;) {
    const groups = await waiting(db, member);
    if (groups.size === 0) return 'idle';
    for (const [inspection, held] of groups) {
      const batch = held.slice(0, batchSize);
      const answer = await transport(
        member,
        inspection,
        batch.map((one) => one.entry),
      );
      if (answer.kind !== 'delivered' && answer.kind !== 'refused') return answer.kind;
      const results =
        answer.kind === 'delivered'
          ? answer.results
          : batch.map(({ id }) => ({ id, outcome: 'refused' as const, reason: answer.reason }));
      const answered = new Set(results.map((result) => result.id));
      await settle(db, member, results);
      if (!batch.every(({ id }) => answered.has(id))) return 'unreachable';
    }
  }
}

interface Surroundings {
  db: HeldDatabase;
  member: string;
  transport: Transport;
  sendPicture: SendPicture;
  /** Runs the work while no other tab sends for this member. */
  alone(work: () => Promise<void>): Promise<void>;
  pause(ms: number, wake: AbortSignal): Promise<void>;
  onChange(connection: Connection): void;
}

/** Keeps sending in the background: woken by new entries, trying again after a growing pause. */
export class Sender {
  private awake = new AbortController();
  private wanted = false;
  private running = false;
  private stopped = false;

  constructor(private readonly around: Surroundings) {}

  wake(): void {
    this.wanted = true;
    this.awake.abort();
    if (!this.running) void this.run();
  }

  stop(): void {
    this.stopped = true;
    this.awake.abort();
  }

  private async run(): Promise<void> {
    const { around } = this;
    const { db, member, transport, alone, pause, onChange } = around;
    this.running = true;
    let failures = 0;
    while (this.wanted && !this.stopped) {
      this.wanted = false;
      this.awake = new AbortController();
      let state: Connection = 'unreachable';
      onChange('sending');
      await alone(async () => {
        state = await deliverWaiting(db, member, transport);
        if (state === 'idle') state = await deliverPictures(db, member, around.sendPicture);
      }).catch(() => undefined);
      if (this.stopped) break;
      onChange(state);
      if ((state as Connection) === 'idle') {
        failures = 0;
        continue;
      }
      failures += 1;
      await pause(Math.min(longestPauseMs, 1000 * 2 ** (failures - 1)), this.awake.signal);
      this.wanted = true;
    }
    this.running = false;
  }
}
