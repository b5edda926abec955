import 'server-only';
import pg from 'pg';

/** Channels every process hears: something arrived at an inspection; somebody has one open. */
export const channels = { entries: 'east_gate_entries', here: 'east_gate_here' } as const;
export type Channel = (typeof channels)[keyof typeof channels];

interface Heard {
  onWord(channel: Channel, word: string): void;
  /** It hears again: what was said meanwhile was not heard. */
  onOpen(): void;
  onClose(): void;
}

/** Milliseconds until it is tried again, at first and at most; between two questions whether it still hears. */
const timing = { first: 200, most: 10_000, ask: 15_000 };
/** PostgreSQL takes no longer word, in bytes. */
const longestWord = 7900;

/**
 * Hears what every process that writes says, by a connection of its own: one of the pool may be anybody's next.
 * Where it is lost it is opened again, and that is told.
 */
export class Listening {
  private client: pg.Client | undefined;
  private closed = false;
  private failures = 0;
  private asking: ReturnType<typeof setInterval> | undefined;
  private again: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly heard: Heard,
    private readonly url = process.env.DATABASE_URL,
  ) {
    void this.open();
  }

  /** Says a word to all, oneself too. False: it was not said, or is too long. */
  async say(channel: Channel, word: string): Promise<boolean> {
    if (!this.client || Buffer.byteLength(word) > longestWord) return false;
    return this.client.query('select pg_notify($1::text, $2::text)', [channel, word]).then(
      () => true,
      () => false,
    );
  }

  async close(): Promise<void> {
    this.closed = true;
    clearTimeout(this.again);
    clearInterval(this.asking);
    const { client } = this;
    this.client = undefined;
    await client?.end().catch(() => undefined);
  }

  private async open(): Promise<void> {
    const client = new pg.Client({
      connectionString: this.url,
      application_name: 'east-gate-live',
      keepAlive: true,
      connectionTimeoutMillis: 5000,
      query_timeout: 5000,
    });
    let lost = false;
    const lose = () => {
      if (lost) return;
      lost = true;
      if (this.client === client) {
        this.client = undefined;
        clearInterval(this.asking);
        this.heard.onClose();
      }
      client.end().catch(() => undefined);
      if (this.closed) return;
      const wait = Math.min(timing.most, timing.first * 2 ** this.failures);
      this.failures += 1;
      this.again = setTimeout(() => void this.open(), wait);
      this.again.unref();
    };
    client.on('error', lose);
    client.on('end', lose);
    client.on('notification', ({ channel, payload }) =>
      this.heard.onWord(channel as Channel, payload ?? ''),
    );
    try {
      await client.connect();
      await client.query(
        Object.values(channels)
          .map((name) => `listen ${name}`)
          .join('; '),
      );
    } catch {
      return lose();
    }
    if (lost || this.closed) return void client.end().catch(() => undefined);
    this.failures = 0;
    this.client = client;
    // A connection that is cut without a word is found by asking.
    this.asking = setInterval(() => void client.query('select 1').catch(lose), timing.ask);
    this.asking.unref();
    this.heard.onOpen();
  }
}
