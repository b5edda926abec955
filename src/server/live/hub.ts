import type { Present } from '@/core/fieldwork/hand/hand';
import type { News } from '@/core/record/package/news';

/** What a watcher is told. */
export type Told =
  /** `arrived`: with it he has all up to there. */
  | { kind: 'news'; text: string; arrived: number }
  /** Everybody who has the inspection open, himself too. */
  | { kind: 'here'; here: readonly Present[] }
  /** His stream ends: he asks anew. */
  | { kind: 'end' };

export interface Watcher {
  organisation: string;
  inspection: string;
  /** It has what arrived up to here. */
  after: number;
  tell(told: Told): void;
}

/** Who is at an inspection, as processes tell each other. */
export interface HereWord {
  organisation: string;
  inspection: string;
  present: Present;
  /** He left. */
  gone?: true;
}

interface Around {
  read(organisation: string, inspection: string, after: number): Promise<News>;
  /** Tells every process, this one too. */
  say(word: HereWord): Promise<boolean>;
  /** Milliseconds. */
  now(): number;
}

interface Room {
  organisation: string;
  inspection: string;
  watchers: Set<Watcher>;
  here: Map<string, { present: Present; at: number }>;
  /** Reading what arrived; something came meanwhile. */
  reading: boolean;
  wanted: boolean;
}

/** Milliseconds after which somebody of whom nothing is heard is not here any more. */
export const hereMs = 45_000;
/** Rooms nobody watches here are kept for those who come, so many. */
const mostRooms = 2000;

const keyOf = (organisation: string, inspection: string) => `${organisation}/${inspection}`;
const isNone = ({ entries, again }: News) => entries.length === 0 && !again;

/**
 * Who watches which inspection in this process. What arrived is read once for all who have as much, and told each;
 * whoever has more or less gets what he lacks. Nothing is read or told within a delivery.
 */
export class Hub {
  private readonly rooms = new Map<string, Room>();

  constructor(private readonly around: Around) {}

  /** Tells a watcher what arrived after what he has, and from then on. Gives what ends it. */
  watch(watcher: Watcher): () => void {
    const room = this.room(watcher.organisation, watcher.inspection);
    room.watchers.add(watcher);
    watcher.tell({ kind: 'here', here: this.hereIn(room) });
    void this.readOn(room);
    return () => {
      room.watchers.delete(watcher);
      this.dropEmpty(room);
    };
  }

  /** Something arrived at an inspection, by whatever process. @param word `office/inspection` or `office/inspection/again` */
  arrived(word: string): void {
    const [organisation = '', inspection = '', again] = word.split('/');
    const room = this.rooms.get(keyOf(organisation, inspection));
    if (!room) return;
    if (again === undefined) return void this.readOn(room);
    for (const watcher of room.watchers) {
      const { after } = watcher;
      const news: News = { from: after, arrived: after, entries: [], authors: [], again: true };
      watcher.tell({ kind: 'news', text: JSON.stringify(news), arrived: after });
    }
  }

  /** What was said meanwhile was not heard: everything that is watched is read on. */
  readAll(): void {
    for (const room of this.rooms.values()) if (room.watchers.size > 0) void this.readOn(room);
  }

  /** Somebody is at an inspection, as a process says. */
  heard({ organisation, inspection, present, gone }: HereWord): void {
    const room = this.room(organisation, inspection);
    // Nobody speaks for another, whatever device he names.
    const who = `${present.member} ${present.device}`;
    const known = room.here.get(who);
    if (gone) room.here.delete(who);
    else room.here.set(who, { present, at: this.around.now() });
    if (gone ? known : JSON.stringify(known?.present) !== JSON.stringify(present))
      this.tellHere(room);
    this.dropEmpty(room);
  }

  /** Tells every process; where that fails, those who watch here. */
  async say(word: HereWord): Promise<void> {
    if (!(await this.around.say(word))) this.heard(word);
  }

  here(organisation: string, inspection: string): Present[] {
    const room = this.rooms.get(keyOf(organisation, inspection));
    return room ? this.hereIn(room) : [];
  }

  /** Whoever was not heard of for long is not here any more; what could not be read is read. */
  sweep(): void {
    const since = this.around.now() - hereMs;
    for (const room of this.rooms.values()) {
      const before = room.here.size;
      for (const [device, { at }] of room.here) if (at < since) room.here.delete(device);
      if (room.here.size !== before) this.tellHere(room);
      if (room.wanted && room.watchers.size > 0) void this.readOn(room);
      this.dropEmpty(room);
    }
  }

  /** Every stream ends; each asks anew, of another process. */
  close(): void {
    for (const { watchers } of this.rooms.values())
      for (const watcher of [...watchers]) watcher.tell({ kind: 'end' });
  }

  private room(organisation: string, inspection: string): Room {
    const key = keyOf(organisation, inspection);
    const known = this.rooms.get(key);
    if (known) return known;
    const room: Room = {
      organisation,
      inspection,
      watchers: new Set(),
      here: new Map(),
      reading: false,
      wanted: false,
    };
    if (this.rooms.size >= mostRooms)
      for (const [old, { watchers }] of this.rooms)
        if (watchers.size === 0) {
          this.rooms.delete(old);
          break;
        }
    this.rooms.set(key, room);
    return room;
  }

  private dropEmpty(room: Room): void {
    const key = keyOf(room.organisation, room.inspection);
    // Another may stand in its place by now.
    if (room.watchers.size === 0 && room.here.size === 0 && this.rooms.get(key) === room)
      this.rooms.delete(key);
  }

  private hereIn = ({ here }: Room): Present[] => [...here.values()].map(({ present }) => present);

  private tellHere(room: Room): void {
    const here = this.hereIn(room);
    for (const watcher of room.watchers) watcher.tell({ kind: 'here', here });
  }

  /** Reads until every watcher has all: what comes while it reads is read after it. */
  private async readOn(room: Room): Promise<void> {
    room.wanted = true;
    if (room.reading) return;
    room.reading = true;
    try {
      while (room.wanted && room.watchers.size > 0) {
        room.wanted = false;
        for (const after of new Set([...room.watchers].map((watcher) => watcher.after)))
          await this.tellFrom(room, after);
      }
    } catch {
      // The database is not reached: it is asked again at the next sweep.
      room.wanted = true;
    } finally {
      room.reading = false;
    }
  }

  private async tellFrom(room: Room, after: number): Promise<void> {
    const news = await this.around.read(room.organisation, room.inspection, after);
    if (isNone(news)) return;
    const text = JSON.stringify(news);
    for (const watcher of room.watchers) {
      if (watcher.after !== after) continue;
      watcher.after = news.arrived;
      watcher.tell({ kind: 'news', text, arrived: news.arrived });
    }
    // There may be more than was read at once.
    room.wanted = true;
  }
}

/** Words of other processes: read as they are, or not at all. */
export function readHereWord(word: string): HereWord | undefined {
  try {
    return JSON.parse(word) as HereWord;
  } catch {
    return undefined;
  }
}
