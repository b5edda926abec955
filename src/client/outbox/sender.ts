import type { HeldDatabase } from './held';
import { settle } from './held';
import type { PicturesProgress } from './pictures';
import { deliverPictures } from './pictures';
import type { SendPicture } from './send-picture';
import type { Transport } from './transport';
import { waiting } from './waiting';

/** Why nothing is delivered now: all of it stays held. */
export type Hindrance = 'unreachable' | 'signed-out' | 'not-allowed';
export type Connection = 'idle' | 'sending' | Hindrance;

const batchSize = 200;
const longestPauseMs = 30_000;

/**
 * Delivers what waits, in order, until nothing does. Stops at the first thing it cannot hear
 * about; a refused entry is set aside and the rest goes on.
 * @param onSettled called whenever something was answered
 */
export async function deliverWaiting(
  db: HeldDatabase,
  member: string,
  transport: Transport,
  onSettled: () => void = () => undefined,
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
      if (answered.size > 0) onSettled();
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
  /** Something arrived, or was refused; of pictures, how much. */
  onProgress(pictures: PicturesProgress | undefined): void;
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
      let moved = false;
      const onProgress = (pictures?: PicturesProgress) => {
        moved = true;
        around.onProgress(pictures);
      };
      onChange('sending');
      await alone(async () => {
        state = await deliverWaiting(db, member, transport, onProgress);
        if (state === 'idle')
          state = await deliverPictures(db, member, around.sendPicture, onProgress);
      }).catch(() => undefined);
      if (this.stopped) break;
      onChange(state);
      if ((state as Connection) === 'idle') {
        failures = 0;
        continue;
      }
      // On a line that breaks again and again what arrives in between counts, not how often it broke.
      failures = moved ? 1 : failures + 1;
      await pause(Math.min(longestPauseMs, 1000 * 2 ** (failures - 1)), this.awake.signal);
      this.wanted = true;
    }
    this.running = false;
  }
}
