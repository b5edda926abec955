import { formatISO } from 'date-fns';
import { LogbookStore } from '@/client/logbook/store';
import type { Ears, LiveLine } from '@/client/live/feed';
import { Feed } from '@/client/live/feed';
import { deliverWaiting } from '@/client/outbox/sender';
import type { Answer } from '@/client/outbox/transport';
import type { Chance } from '@/core/testing/chance';
import { testSettings } from '@/core/testing/bench';
import type { Entry } from '@/core/record/entries/entry';
import { compareEntries } from '@/core/record/entries/entry';
import type { News } from '@/core/record/package/news';
import { canonicalJson } from '@/core/vocabulary/canonical';
import { permissions } from '@/core/vocabulary/permission';
import type { Told } from '@/server/live/hub';
import { Hub } from '@/server/live/hub';
import { memoryDisk } from './memory-disk';
import { noted } from './noted';

export const inspection = 'one';
const organisation = 'office';
/** So many entries are told at once: few, so that what came in a gap takes several. */
const mostNews = 4;

/** What waits to happen: in whatever order it happens, all must come out the same. */
type Pending = () => void | Promise<void>;

/** A database, two processes over it, and the wires between them and the devices. */
export class World {
  readonly pending: Pending[] = [];
  readonly processes: SimulatedProcess[];
  /** In the order they arrived. */
  readonly arrived: Entry[] = [];
  private readonly byId = new Map<string, Entry>();

  constructor(
    readonly chance: Chance,
    start: readonly Entry[],
  ) {
    this.processes = [new SimulatedProcess(this), new SimulatedProcess(this)];
    for (const entry of start) this.store(entry);
  }

  /** Whether it happens this time, so many times in a hundred. */
  happens = (percent: number): boolean => this.chance.upTo(100) < percent;

  later(work: Pending): void {
    this.pending.push(work);
  }

  /** As deliverEntries stores: each once by its id. */
  private store(entry: Entry): boolean {
    const known = this.byId.get(entry.id);
    if (known) return canonicalJson(known) === canonicalJson(entry);
    this.byId.set(entry.id, entry);
    this.arrived.push(entry);
    return true;
  }

  /** Entries reach a process and are committed, and every process that hears is told. */
  commit(entries: readonly Entry[]): Answer {
    const results = entries.map((entry) => ({
      id: entry.id,
      outcome: this.store(entry) ? ('arrived' as const) : ('refused' as const),
    }));
    for (const process of this.processes) process.hear();
    return { kind: 'delivered', results };
  }

  read(after: number): News {
    const entries = this.arrived.slice(after, after + mostNews);
    return { from: after, arrived: after + entries.length, entries, authors: [] };
  }
}

interface Stream {
  ears: Ears;
  /** What is on its way, in order. */
  told: Told[];
  broken: boolean;
}

/** One web process: it may end at any moment, and be deaf to the others. */
export class SimulatedProcess {
  up = true;
  hears = true;
  private streams = new Set<Stream>();
  private hub: Hub;

  constructor(private readonly world: World) {
    this.hub = this.newHub();
  }

  private newHub(): Hub {
    return new Hub({
      read: async (_, __, after) => {
        if (this.world.happens(4)) throw new Error('the database is not reached');
        return this.world.read(after);
      },
      say: async () => false,
      now: () => 0,
    });
  }

  /** A word that something was committed: it comes later, or never where this one is deaf. */
  hear(): void {
    const { hub } = this;
    this.world.later(() => {
      if (this.hears && this.up && hub === this.hub) hub.arrived(`${organisation}/${inspection}`);
    });
  }

  becomeDeaf(): void {
    this.hears = false;
  }

  hearAgain(): void {
    this.hears = true;
    this.hub.readAll();
  }

  sweep(): void {
    this.hub.sweep();
  }

  end(): void {
    this.up = false;
    for (const stream of this.streams) this.breakStream(stream);
    this.streams.clear();
  }

  begin(): void {
    if (this.up) return;
    this.up = true;
    this.hears = true;
    this.hub = this.newHub();
  }

  watch(after: number, ears: Ears): () => void {
    const stream: Stream = { ears, told: [], broken: false };
    this.streams.add(stream);
    this.world.later(() => {
      if (!stream.broken) ears.onOpen();
    });
    const leave = this.hub.watch({
      organisation,
      inspection,
      after,
      tell: (told) => {
        stream.told.push(told);
        this.world.later(() => this.pump(stream));
      },
    });
    return () => {
      leave();
      this.streams.delete(stream);
      stream.broken = true;
    };
  }

  /** Passes on what was told first; of a stream that broke, what was on its way is lost or still comes. */
  private pump(stream: Stream): void {
    const told = stream.told.shift();
    if (!told || (stream.broken && this.world.happens(50))) return;
    if (told.kind === 'news') stream.ears.onNews(JSON.parse(told.text));
    if (told.kind === 'here') stream.ears.onHere(told.here);
  }

  breakStream(stream: Stream): void {
    stream.broken = true;
    this.world.later(() => stream.ears.onLost());
  }
}

/** A device: what is on its disk stays when it is begun again, all else is lost. */
export class SimulatedDevice {
  readonly disk = memoryDisk();
  online = true;
  /** Everything that was recorded here, and what was known when it was. */
  readonly made = new Map<string, ReadonlySet<string>>();
  private store!: LogbookStore;
  private feed: Feed | undefined;
  private timers: Pending[] = [];
  /** This device's copy of what the server sent. */
  private kept: { arrived: number; entries: readonly Entry[] };
  private ids = 0;
  /** Hours its clock is wrong by. */
  private readonly skew: number;
  private endStream: () => void = () => undefined;

  constructor(
    private readonly world: World,
    readonly name: string,
    readonly member: string,
    start: readonly Entry[],
  ) {
    this.kept = { arrived: start.length, entries: start };
    this.skew = world.chance.upTo(96) - 48;
  }

  get entries(): readonly Entry[] {
    return this.store.snapshot().entries;
  }

  get logbook(): LogbookStore {
    return this.store;
  }

  /** Opens the inspection, as a page does. */
  async begin(): Promise<void> {
    this.feed?.close();
    this.timers = [];
    if (this.online && this.world.happens(70)) {
      const { arrived } = this.world;
      this.kept = { arrived: arrived.length, entries: [...arrived].sort(compareEntries) };
    }
    const { chance } = this.world;
    this.store = new LogbookStore(
      {
        inspection,
        organisation,
        member: this.member,
        may: permissions,
        device: this.name,
        settings: testSettings,
        newId: () => `${this.name}-${(this.ids += 1)}`,
        now: () =>
          formatISO(
            new Date(Date.UTC(2026, 3, 14, 10 + this.skew, chance.upTo(60), this.ids % 60)),
          ),
      },
      this.kept.entries,
    );
    await this.store.open(this.disk, () => undefined);
    this.feed = new Feed({
      line: this.line(),
      arrived: this.kept.arrived,
      onNews: (news) => {
        this.store.join(news.entries);
        this.keep(news);
      },
      onHere: () => undefined,
      onHearing: () => undefined,
      onAgain: () => {
        throw new Error(`${this.name} would ask for the whole anew`);
      },
      after: (_, work) => {
        this.timers.push(work);
        return () => void (this.timers = this.timers.filter((one) => one !== work));
      },
    });
    this.feed.wake();
  }

  private keep({ from, arrived, entries }: News): void {
    if (from > this.kept.arrived || this.world.happens(20)) return;
    const known = new Set(this.kept.entries.map(({ id }) => id));
    const fresh = entries.filter(({ id }) => !known.has(id));
    this.kept = {
      arrived: Math.max(arrived, this.kept.arrived),
      entries: [...this.kept.entries, ...fresh].sort(compareEntries),
    };
  }

  private line(): LiveLine {
    const { world } = this;
    return {
      listen: (after, ears) => {
        const process = world.chance.oneOf(world.processes);
        if (!this.online || !process.up || world.happens(10)) {
          world.later(() => ears.onLost());
          return () => undefined;
        }
        return (this.endStream = process.watch(after, ears));
      },
      ask: (after) =>
        new Promise((resolve) =>
          world.later(() => {
            const reached = this.online && world.processes.some(({ up }) => up);
            resolve(
              reached && !world.happens(10)
                ? { kind: 'told', news: structuredClone(world.read(after)), here: [] }
                : { kind: 'unreachable' },
            );
          }),
        ),
    };
  }

  /** The network is away, or back; what is on the wire is lost, and a browser may be told. */
  async loseNetwork(): Promise<void> {
    this.online = false;
    this.endStream();
    this.feed?.rest();
    this.timers.push(() => this.feed?.wake());
  }

  findNetwork(): void {
    this.online = true;
    this.feed?.wake();
  }

  /** Whatever waits for a clock happens now. */
  fire(): void {
    const due = this.timers;
    this.timers = [];
    for (const work of due) void work();
  }

  /** Sends what waits, over a wire that loses, repeats and delays. */
  async send(): Promise<void> {
    const { world } = this;
    await deliverWaiting(this.disk, this.member, async (_, __, batch) => {
      const entries = structuredClone([...batch]);
      if (!this.online || !world.processes.some(({ up }) => up) || world.happens(15))
        return { kind: 'unreachable' };
      if (world.happens(10)) {
        world.later(() => void world.commit(entries));
        return { kind: 'unreachable' };
      }
      const answer = world.commit(entries);
      if (world.happens(15)) world.later(() => void world.commit(structuredClone(entries)));
      return world.happens(15) ? { kind: 'unreachable' } : answer;
    });
    await this.store.refresh();
  }

  /** Does something here. */
  does(work: (store: LogbookStore) => Promise<string | undefined>): Promise<void> {
    return noted(this.store, this.name, this.made, work);
  }
}
