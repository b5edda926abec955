import type { Certainty, Entry } from '../../record/entries/entry';
import { fold } from '../../record/entries/fold';
import type { Facts } from '../../record/entries/properties';
import type { ThingType } from '../../record/entries/thing-types';
import { readSite } from '../../installation/panel/site-view';
import type { SiteView } from '../../installation/panel/site-view';
import { parseLine } from '../../record/shorthand/parse';
import { refusalsAfter } from './check';
import type { Draft, Stamp } from './draft';
import { add, highestCounter, observe, stamp } from './draft';
import { recordLine } from './record-line';
import { redoDraft, undoDraft } from './undo';

/** Writes entries one action after another, refusing the impossible, as a person's device does. */
export class Logbook {
  entries: Entry[];
  /** What its entries say, as it was put together last. */
  private read: { entries: readonly Entry[]; count: number; site: SiteView } | undefined;

  constructor(
    private readonly by: Omit<Stamp, 'counter'>,
    standing: readonly Entry[] = [],
  ) {
    this.entries = [...standing];
  }

  get site(): SiteView {
    const { entries, read } = this;
    if (read?.entries !== entries || read.count !== entries.length)
      this.read = { entries, count: entries.length, site: readSite(fold(entries)) };
    return this.read!.site;
  }

  /** Records drafts as one action. Throws on what is impossible. */
  record(drafts: readonly Draft[]): Entry[] {
    const fresh = stamp(drafts, { ...this.by, counter: highestCounter(this.entries) });
    const { entries } = this;
    const site = readSite(fold([...entries, ...fresh]));
    const [refusal] = refusalsAfter(this.site, site, fresh);
    if (refusal) throw new Error(`${refusal.about}: ${refusal.message}`);
    entries.push(...fresh);
    this.read = { entries, count: entries.length, site };
    return fresh;
  }

  add(
    type: ThingType,
    thing: string,
    parent: string | null,
    facts: Facts = {},
    certainty?: Certainty,
  ): Entry[] {
    return this.record([add(type, thing, parent, facts, certainty)]);
  }

  observe(about: string, facts: Facts, certainty?: Certainty): Entry[] {
    return this.record([observe(this.site.reader, about, facts, certainty)]);
  }

  /** Records a line of shorthand in a panel. Throws with the column where it has a fault. */
  line(panelId: string, text: string): Entry[] {
    const site = this.site;
    const panel = site.panels.find((one) => one.id === panelId);
    if (!panel) throw new Error(`no panel ${panelId}`);
    const { line, faults } = parseLine(text, panel);
    if (!line)
      throw new Error(`${text}: column ${(faults[0]?.start ?? 0) + 1}: ${faults[0]?.message}`);
    const recorded = recordLine(line, { site, panel, newId: this.by.newId });
    if (!recorded.ok) throw new Error(`${text}: ${recorded.message}`);
    return this.record(recorded.drafts);
  }

  undo(): Entry[] {
    const draft = undoDraft(this.entries, this.by.author);
    return draft ? this.record([draft]) : [];
  }

  redo(): Entry[] {
    const draft = redoDraft(this.entries, this.by.author);
    return draft ? this.record([draft]) : [];
  }
}

/** Ids in a row: deterministic, for the demo and for tests. */
export function idsFrom(prefix: string): () => string {
  let next = 0;
  return () => {
    next += 1;
    return `${prefix}${next}`;
  };
}
