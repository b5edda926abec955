import { formatISO } from 'date-fns';
import { LogbookStore } from '@/client/logbook/store';
import type { LiveLine } from '@/client/live/feed';
import { Feed } from '@/client/live/feed';
import { deliverWaiting } from '@/client/outbox/sender';
import { httpTransport } from '@/client/outbox/transport';
import type { Chance } from '@/core/testing/chance';
import { testSettings } from '@/core/testing/bench';
import type { Entry } from '@/core/record/entries/entry';
import { permissions } from '@/core/vocabulary/permission';
import { watch } from '../event-stream';
import { memoryDisk } from './memory-disk';
import { noted } from './noted';

export interface Place {
  inspection: string;
  organisation: string;
  member: string;
  cookie: string;
  /** Where the processes answer; one may be gone at any moment. */
  origins: readonly string[];
}

/** A device over HTTP, as a browser is one: its disk in memory, all else the program itself. */
export class RealDevice {
  readonly disk = memoryDisk();
  /** Everything that was recorded here, and what was known when it was. */
  readonly made = new Map<string, ReadonlySet<string>>();
  readonly logbook: LogbookStore;
  private readonly feed: Feed;
  private ids = 0;

  constructor(
    private readonly chance: Chance,
    readonly name: string,
    private readonly place: Place,
    start: readonly Entry[],
  ) {
    const { inspection, organisation, member } = place;
    this.logbook = new LogbookStore(
      {
        inspection,
        organisation,
        member,
        may: permissions,
        device: name,
        settings: testSettings,
        newId: () => `${inspection}-${name}-${(this.ids += 1)}`,
        // Hours apart from the others.
        now: () => formatISO(new Date(Date.UTC(2026, 3, 14, name.length * 5, 0, this.ids % 60))),
      },
      start,
    );
    this.feed = new Feed({
      line: this.line(),
      arrived: start.length,
      onNews: ({ entries }) => this.logbook.join(entries),
      onHere: () => undefined,
      onHearing: () => undefined,
      onAgain: () => {
        throw new Error(`${name} would ask for the whole anew`);
      },
      after: (ms, work) => {
        const timer = setTimeout(work, ms);
        return () => clearTimeout(timer);
      },
    });
  }

  get entries(): readonly Entry[] {
    return this.logbook.snapshot().entries;
  }

  async begin(): Promise<void> {
    await this.logbook.open(this.disk, () => undefined);
    this.feed.wake();
  }

  end(): void {
    this.feed.close();
  }

  private origin = (): string => this.chance.oneOf(this.place.origins);

  private line(): LiveLine {
    const { cookie, inspection } = this.place;
    return {
      listen: (after, ears) => {
        let left = false;
        let leave = () => undefined as void;
        watch(this.origin(), cookie, inspection, after, {
          onBegun: () => left || ears.onOpen(),
          onNews: (news) => left || ears.onNews(news),
        }).then(
          (watching) => {
            leave = watching.leave;
            if (left) return leave();
            void watching.ended.then(() => left || ears.onLost());
          },
          () => left || ears.onLost(),
        );
        return () => {
          left = true;
          leave();
        };
      },
      ask: async (after) => {
        const query = new URLSearchParams({ inspection, after: String(after) });
        const response = await fetch(`${this.origin()}/api/live?${query}`, {
          headers: { cookie },
        }).catch(() => undefined);
        if (!response?.ok) return { kind: 'unreachable' };
        const { news } = (await response.json()) as { news: unknown };
        return { kind: 'told', news, here: [] };
      },
    };
  }

  /** Sends what waits; now and then what was answered is not heard. */
  async send(): Promise<void> {
    const transport = httpTransport(this.origin(), { cookie: this.place.cookie });
    await deliverWaiting(this.disk, this.place.member, async (...batch) => {
      const answer = await transport(...batch);
      return this.chance.upTo(6) === 0 ? { kind: 'unreachable' } : answer;
    });
    await this.logbook.refresh();
  }

  /** Does something here. */
  does(work: (store: LogbookStore) => Promise<string | undefined>): Promise<void> {
    return noted(this.logbook, this.name, this.made, work);
  }
}
