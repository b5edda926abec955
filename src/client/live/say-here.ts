import type { Hand } from '@/core/fieldwork/hand/hand';
import { deviceId } from '../device-id';
import { postJson } from '../http';

/** Milliseconds: between two words of what is in hand; until one that was not taken, and one that was, is said again. */
const timing = { hurry: 300, retry: 2000, again: 15_000 };

/** Says to the others at an inspection what one has in hand here. Nothing waits for it, and nothing of it is kept. */
export class SayHere {
  private hand: Hand | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private last = 0;
  private away = true;

  constructor(private readonly inspection: string) {}

  /** This is in hand now. */
  say(hand: Hand | undefined): void {
    this.hand = hand;
    this.soon(Math.max(0, this.last + timing.hurry - Date.now()));
  }

  /** He is here, and stays. */
  come(): void {
    this.away = false;
    this.soon(0);
  }

  /** He left: said with what the page has left of time. */
  leave(): void {
    clearTimeout(this.timer);
    if (this.away) return;
    this.away = true;
    const word = JSON.stringify({ inspection: this.inspection, device: deviceId(), gone: true });
    navigator.sendBeacon('/api/live', new Blob([word], { type: 'application/json' }));
  }

  private soon(ms: number): void {
    clearTimeout(this.timer);
    if (this.away) return;
    const timer = setTimeout(() => {
      this.last = Date.now();
      const { inspection, hand } = this;
      const word = { inspection, device: deviceId(), ...(hand && { hand }) };
      void postJson('/api/live', word).then(({ ok }) => {
        // Something else is said meanwhile: that goes on by itself.
        if (this.timer === timer) this.soon(ok ? timing.again : timing.retry);
      });
    }, ms);
    this.timer = timer;
  }
}
