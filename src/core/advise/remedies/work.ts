import type { Entry } from '../../record/entries/entry';
import { fold } from '../../record/entries/fold';
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
import { deviceOn } from './situation';

/** Author and device of entries that are not true yet. */
export const notYet = 'not-yet';

/**
 * An inspection as it would be after some work, step by step: what one remedy leaves is what the next
 * finds. Nothing is taken back or corrected; the world changes, not the record.
 */
export class Work {
  private known: SiteView | undefined;
  private refused: string | undefined;

  constructor(
    private entries: readonly Entry[],
    /** Ids of what is new: different for different works. */
    private readonly ids: () => string = idsFrom('plan-'),
  ) {}

  /** Everything recorded, and what is not true yet. */
  get all(): readonly Entry[] {
    return this.entries;
  }

  readonly newId = (): string => this.ids();

  /** The same work going on apart. */
  fork(): Work {
    const fork = new Work(this.entries, this.ids);
    fork.known = this.known;
    return fork;
  }

  /** Goes on from where a fork is. */
  adopt(fork: Work): void {
    this.entries = fork.entries;
    this.known = fork.known;
    this.refused ??= fork.refused;
  }

  get site(): SiteView {
    return (this.known ??= readSite(fold(this.entries)));
  }

  /** The thing or part that stands today where the one of this reference stood. */
  today(ref: string): string {
    return standsToday(this.site.reader)(ref);
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
    const changes = new Changes(this.site.reader);
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

  /** Why something could not be done, if anything. */
  get refusal(): string | undefined {
    return this.refused;
  }

  record(drafts: readonly Draft[]): void {
    if (drafts.length === 0) return;
    const before = this.site;
    const fresh = stamp(drafts, {
      newId: this.ids,
      device: notYet,
      author: notYet,
      at: this.entries.at(-1)?.at ?? '1970-01-01T00:00:00Z',
      counter: highestCounter(this.entries),
    });
    this.entries = [...this.entries, ...fresh];
    this.known = undefined;
    const [refusal] = refusalsAfter(before, this.site, fresh);
    if (refusal) this.refused ??= refusal.message;
  }
}
