import type { Entry } from '../../record/entries/entry';
import { extend } from '../../record/entries/extend';
import { FactReader } from '../../record/entries/fact-reader';
import { fold } from '../../record/entries/fold';
import type { Inspection } from '../../record/entries/inspection';
import type { Facts } from '../../record/entries/properties';
import { readSite } from '../../installation/panel/site-view';
import type { SiteView } from '../../installation/panel/site-view';
import { standsToday } from '../../installation/panel/standing-in';
import type { DeviceView, PanelView } from '../../installation/panel/views';
import { Changes } from '../../fieldwork/recording/changes';
import { refusalsAfter } from '../../fieldwork/recording/check';
import type { Draft } from '../../fieldwork/recording/draft';
import { highestCounter, stamp } from '../../fieldwork/recording/draft';
import { idsFrom } from '../../fieldwork/recording/logbook';
import type { Recorded } from '../../fieldwork/recording/recording-bench';
import { replaceDevice } from '../../fieldwork/recording/replace-device';
import type { Replacement } from '../../fieldwork/recording/replacement';
import { deviceOn } from './device-on';
import type { SpotKey } from '../placing/placement-problem';

/** Two single breakers a work made one tandem of. */
export interface Condensed {
  panel: string;
  stays: string;
  goes: string;
}

/** Author and device of entries that are not true yet. */
export const notYet = 'not-yet';

/**
 * An inspection as it would be after some work, step by step: what one remedy leaves is what the next
 * finds. Nothing is taken back or corrected; the world changes, not the record.
 */
export class Work {
  private readonly start: readonly Entry[];
  private inspection: Inspection;
  private knownReader: FactReader | undefined;
  private knownSite: SiteView | undefined;
  private refused: string | undefined;
  /** Devices that go wherever there is room, as far as it fits them: a placement puts them where it is best. */
  readonly toPlace = new Map<string, ReadonlySet<SpotKey> | undefined>();
  /** Tandems made of two singles: which two is for a placement to say. */
  readonly condensed: Condensed[] = [];

  constructor(
    private entries: readonly Entry[],
    /** Ids of what is new: different for different works. */
    private readonly ids: () => string = idsFrom('plan-'),
    /** The entries put together, where that was done already. */
    private readonly before: SiteView = readSite(fold(entries)),
    /** Pairs a placement chose, in the order they are wanted; none: the first that do. */
    readonly pairs: readonly Condensed[] = [],
    /** Devices other work is done on: they are not joined with another as well. */
    readonly busy: ReadonlySet<string> = new Set(),
  ) {
    this.start = entries;
    this.inspection = FactReader.wholeOf(before.reader);
    this.knownSite = before;
  }

  /** Everything recorded, and what is not true yet. */
  get all(): readonly Entry[] {
    return this.entries;
  }

  readonly newId = (): string => this.ids();

  /** The same work going on apart. */
  fork(): Work {
    const fork = new Work(this.entries, this.ids, this.site, this.pairs, this.busy);
    fork.refused = this.refused;
    for (const [id, fits] of this.toPlace) fork.toPlace.set(id, fits);
    fork.condensed.push(...this.condensed);
    return fork;
  }

  /** Goes on from where a fork is. */
  adopt(fork: Work): void {
    this.entries = fork.entries;
    this.inspection = fork.inspection;
    this.knownReader = fork.knownReader;
    this.knownSite = fork.knownSite;
    this.refused ??= fork.refused;
    for (const [id, fits] of fork.toPlace) this.toPlace.set(id, fits);
    this.condensed.splice(0, Infinity, ...fork.condensed);
  }

  get site(): SiteView {
    return (this.knownSite ??= readSite(this.inspection));
  }

  /** What is said now, without putting the panels together again. */
  get reader(): FactReader {
    return (this.knownReader ??= this.knownSite?.reader ?? new FactReader(this.inspection));
  }

  /** The thing or part that stands today where the one of this reference stood. */
  today(ref: string): string {
    return standsToday(this.reader)(ref);
  }

  panelOf(ref: string): PanelView | undefined {
    const now = this.today(ref);
    return this.site.panels.find(
      (panel) => panel.id === now.split('/')[0] || deviceOn(panel, now) !== undefined,
    );
  }

  device(ref: string): DeviceView | undefined {
    const now = this.today(ref);
    return this.site.panels.map((panel) => deviceOn(panel, now)).find(Boolean);
  }

  /** States facts, where they are not so already. */
  say(about: string, facts: Facts): void {
    const changes = new Changes(this.reader);
    changes.say(this.today(about), facts);
    this.record(changes.drafts);
  }

  /** Another device in a device's place; gives its id. */
  replace(device: DeviceView, by: Replacement): string | undefined {
    const panel = this.panelOf(device.id)!;
    const id = this.take(replaceDevice(device, by, { panel, site: this.site, newId: this.newId }));
    return id === undefined ? undefined : this.today(device.id);
  }

  /** Records what a recording function gives; undefined where it refuses. */
  take(recorded: Recorded): true | undefined {
    if (!recorded.ok) {
      this.refused ??= recorded.message;
      return undefined;
    }
    this.record(recorded.drafts);
    return this.refused === undefined ? true : undefined;
  }

  /** Why something could not be done, or what is impossible about how things would then stand. */
  get refusal(): string | undefined {
    if (this.refused !== undefined || this.entries === this.start) return this.refused;
    const fresh = this.entries.slice(this.start.length);
    return (this.refused ??= refusalsAfter(this.before, this.site, fresh)[0]?.message);
  }

  /** Says why something cannot be done as things then stand. */
  refuse(because: string): void {
    this.refused ??= because;
  }

  record(drafts: readonly Draft[]): void {
    if (drafts.length === 0) return;
    const fresh = stamp(drafts, {
      newId: this.ids,
      device: notYet,
      author: notYet,
      at: this.entries.at(-1)?.at ?? '1970-01-01T00:00:00Z',
      counter: highestCounter(this.entries),
    });
    const now = [...this.entries, ...fresh];
    this.inspection = extend(this.inspection, this.entries, now)?.inspection ?? fold(now);
    this.entries = now;
    this.knownReader = undefined;
    this.knownSite = undefined;
  }
}
