import type { PlanAnswer, PlanQuestion } from '@/core';
import type { PlanSays } from '@/workers/plan';

/** What is heard of a question: its answer piece by piece, or why none came. */
export type Hears = (says: PlanAnswer | { kind: 'trouble'; message: string }) => void;

/** Milliseconds before a worker that could not be loaded is begun again; after the last it is told. */
const tryAgainAfter = [200, 1000, 3000];

/**
 * One worker for one question at a time. A new question ends the one in work; an idle worker keeps
 * its solver. A worker is never ended while it loads: what it had half fetched failed the next one.
 */
export class PlanWorker {
  private worker: Worker | undefined;
  private phase: 'loading' | 'idle' | 'busy' = 'idle';
  private asked: { question: PlanQuestion; hears: Hears } | undefined;
  private failed = 0;
  private again: ReturnType<typeof setTimeout> | undefined;

  /** Asks this instead of what was asked before; of that nothing more is heard. */
  ask(question: PlanQuestion, hears: Hears): void {
    this.asked = { question, hears };
    clearTimeout(this.again);
    if (this.phase === 'busy') this.end();
    if (!this.worker) this.begin();
    else if (this.phase === 'idle') this.post();
  }

  /** Nothing more is heard; what works is ended, what loads may load on. */
  cancel(): void {
    this.asked = undefined;
    clearTimeout(this.again);
    if (this.phase === 'busy') this.end();
  }

  /** For good: the view is left. */
  end(): void {
    clearTimeout(this.again);
    this.worker?.terminate();
    this.worker = undefined;
    this.phase = 'idle';
  }

  private begin(): void {
    const begun = new Worker(new URL('../../workers/plan.ts', import.meta.url), { type: 'module' });
    this.worker = begun;
    this.phase = 'loading';
    begun.onmessage = ({ data }: MessageEvent<PlanSays>) => {
      if (begun !== this.worker) return;
      if (data.kind === 'ready') {
        this.failed = 0;
        this.phase = 'idle';
        return this.post();
      }
      if (data.kind === 'unready') return this.unloaded(data.message);
      if (data.kind === 'end' || data.kind === 'trouble') this.phase = 'idle';
      this.asked?.hears(data);
    };
    begun.onerror = ({ message }) => {
      if (begun !== this.worker) return;
      if (this.phase === 'loading') return this.unloaded(message);
      this.end();
      this.asked?.hears({ kind: 'trouble', message: message || 'no plan came' });
    };
  }

  private post(): void {
    if (!this.asked) return;
    this.phase = 'busy';
    this.worker?.postMessage(this.asked.question);
  }

  private unloaded(message: string): void {
    this.end();
    const wait = tryAgainAfter[this.failed++];
    if (wait !== undefined) {
      this.again = setTimeout(() => this.asked && this.begin(), wait);
      return;
    }
    this.failed = 0;
    this.asked?.hears({
      kind: 'trouble',
      message: message || 'what works plans out could not be loaded',
    });
  }
}
