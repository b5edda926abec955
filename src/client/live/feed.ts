import type { News } from '@/core/record/package/news';
import { readNews } from '@/core/record/package/news';
import type { Present } from '@/core/fieldwork/hand/hand';

/** What is heard on a stream. */
export interface Ears {
  onOpen(): void;
  onNews(raw: unknown): void;
  onHere(here: readonly Present[]): void;
  /** It broke, or was never there. */
  onLost(): void;
}

/** What came of asking. */
export type AskedLive =
  | { kind: 'told'; news: unknown; here: readonly Present[] }
  | { kind: 'unreachable' }
  /** Signed out, or nothing of it is here for this member any more. */
  | { kind: 'refused' };

/** How a device hears of an inspection, from a place in the order of arrival on. */
export interface LiveLine {
  /** Gives what ends it. */
  listen(after: number, ears: Ears): () => void;
  ask(after: number): Promise<AskedLive>;
}

/** How it hears now: as it comes, by asking now and then, or not. */
export type Hearing = 'live' | 'asking' | 'deaf';

interface Around {
  line: LiveLine;
  /** It has what arrived up to here. */
  arrived: number;
  onNews(news: News): void;
  onHere(here: readonly Present[]): void;
  onHearing(hearing: Hearing): void;
  /** What it has is not as it was sent, or is not to be had any more: the whole is asked for anew. */
  onAgain(): void;
  /** Runs work after so many milliseconds; gives what calls it off. */
  after(ms: number, work: () => void): () => void;
}

/** Milliseconds. */
export const feedTiming = {
  /** A stream that does not open within this does not come through. */
  patience: 6000,
  /** Between two questions where streams do not come through. */
  ask: 3000,
  /** Until a stream is tried again after one that broke: at first, and at most. */
  first: 300,
  most: 10_000,
  /** Until a stream is tried again where none came through. */
  tryAgain: 60_000,
} as const;

/**
 * Hears what others record of an inspection. Whatever comes twice, late or with a gap, each place in the order of
 * arrival is passed on once and in order: a gap is asked for.
 */
export class Feed {
  private arrived: number;
  private hearing: Hearing = 'deaf';
  private closed = false;
  private asking = false;
  /** Times the server was not reached, and times a stream did not come through though it was, one after another. */
  private failures = 0;
  private blocked = 0;
  private opened = false;
  private endStream: () => void = () => undefined;
  private callOff: () => void = () => undefined;
  /** Of which stream something is heard: what an older one still says is late. */
  private nth = 0;

  constructor(private readonly around: Around) {
    this.arrived = around.arrived;
  }

  /** Begins, or tries at once what it waits for. */
  wake(): void {
    if (this.closed || this.hearing === 'live') return;
    this.listen();
  }

  /** Ends until it is woken: nobody looks. */
  rest(): void {
    this.leave();
    this.hear('deaf');
  }

  close(): void {
    this.rest();
    this.closed = true;
  }

  private leave(): void {
    this.nth += 1;
    this.callOff();
    this.endStream();
    this.endStream = () => undefined;
  }

  private listen(): void {
    this.leave();
    const nth = this.nth;
    const isOld = () => this.closed || nth !== this.nth;
    this.opened = false;
    this.callOff = this.around.after(feedTiming.patience, () => this.lose());
    this.endStream = this.around.line.listen(this.arrived, {
      onOpen: () => {
        if (isOld()) return;
        this.callOff();
        this.opened = true;
        this.failures = 0;
        this.blocked = 0;
        this.hear('live');
      },
      onNews: (raw) => isOld() || this.take(raw),
      onHere: (here) => isOld() || this.around.onHere(here),
      onLost: () => isOld() || this.lose(),
    });
  }

  /**
   * The stream broke, or did not open: it is asked at once for what came meanwhile. A server that is not reached is
   * tried again after a growing pause; where it answers, and streams do not come through, it is asked now and then.
   */
  private lose(): void {
    const cameThrough = this.opened;
    this.leave();
    if (cameThrough) this.hear('deaf');
    void this.recover(cameThrough, this.nth);
  }

  private async recover(cameThrough: boolean, nth: number): Promise<void> {
    const reached = await this.ask();
    // Woken meanwhile, or at rest.
    if (this.closed || nth !== this.nth) return;
    const { first, most, tryAgain, ask } = feedTiming;
    if (!reached) {
      this.callOff = this.around.after(Math.min(most, first * 2 ** this.failures), () =>
        this.listen(),
      );
      this.failures += 1;
      return;
    }
    this.failures = 0;
    this.blocked = cameThrough ? 0 : this.blocked + 1;
    if (this.blocked < 2) this.callOff = this.around.after(first, () => this.listen());
    else this.askOn(Math.floor(tryAgain / ask));
  }

  /** Asks now and then, so many times, then tries a stream again. */
  private askOn(times: number): void {
    this.callOff = this.around.after(feedTiming.ask, () => {
      if (times <= 1) return this.listen();
      void this.ask();
      this.askOn(times - 1);
    });
  }

  /** Asks for what it lacks; whether the server answered. */
  private async ask(): Promise<boolean> {
    if (this.asking || this.closed) return false;
    this.asking = true;
    const nth = this.nth;
    const asked = await this.around.line.ask(this.arrived);
    this.asking = false;
    if (this.closed) return false;
    if (asked.kind === 'refused') {
      this.close();
      this.around.onAgain();
      return false;
    }
    if (asked.kind === 'told') {
      // What was heard meanwhile says more of who is there.
      if (nth === this.nth && this.hearing !== 'live') this.around.onHere(asked.here);
      this.take(asked.news);
    }
    if (this.hearing !== 'live') this.hear(asked.kind === 'told' ? 'asking' : 'deaf');
    return asked.kind === 'told';
  }

  private take(raw: unknown): void {
    const news = readNews(raw);
    // Of a newer version, whose pages can read it.
    if (!news) return this.around.onAgain();
    if (news.from > this.arrived) return void this.ask();
    if (news.again) {
      this.arrived = Math.max(this.arrived, news.arrived);
      return this.around.onAgain();
    }
    if (news.arrived <= this.arrived) return;
    this.arrived = news.arrived;
    this.around.onNews(news);
  }

  private hear(hearing: Hearing): void {
    if (hearing === this.hearing) return;
    this.hearing = hearing;
    this.around.onHearing(hearing);
  }
}
