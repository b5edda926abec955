import type { Fact } from '../../record/entries/inspection';
import type { SiteView } from './site-view';
import type { PanelView } from './views';
import { SupplyTree } from '../supply/tree';

/** A rating with where it stands and the fact it was read from. */
export interface RatedDevice {
  ratingA: number;
  words: string;
  fact: Fact;
  /** Its own main, the breaker of a panel above, or a disconnect. */
  stands: 'main' | 'feeder' | 'disconnect';
}

/** The panel's own main, where its rating was read. */
export function ownMain({ main }: PanelView): RatedDevice | undefined {
  const [terminal] = main?.terminals ?? [];
  if (!terminal?.ratingA || terminal.handleA === undefined) return undefined;
  return {
    ratingA: terminal.handleA,
    words: 'the main',
    fact: terminal.ratingA as Fact,
    stands: 'main',
  };
}

/**
 * The nearest rated device above the panel: a breaker of the panel that feeds it, a disconnect with
 * fuses or a breaker in it, or what protects the panel whose feed-through lugs feed it.
 */
export function deviceAbove(site: SiteView, panel: PanelView): RatedDevice | undefined {
  const { reader } = site;
  for (const { thing, by } of new SupplyTree(reader).wayUp(panel.id)) {
    const rating = by && reader.fact(by.id, 'handleRatingsA');
    if (rating)
      return {
        ratingA: Math.min(...rating.value),
        words: 'the breaker that feeds it',
        fact: rating as Fact,
        stands: 'feeder',
      };
    const disconnect =
      thing.type === 'disconnect' && reader.value(thing.id, 'disconnectFused') !== false
        ? reader.fact(thing.id, 'disconnectRatingA')
        : undefined;
    if (disconnect)
      return {
        ratingA: disconnect.value,
        words: 'the disconnect ahead of it',
        fact: disconnect as Fact,
        stands: 'disconnect',
      };
    if (thing.type === 'panel') return by ? undefined : throughLugs(site, thing.id);
  }
  return undefined;
}

/** What protects the bus of a panel with feed-through lugs protects what hangs on them. */
function throughLugs(site: SiteView, id: string): RatedDevice | undefined {
  const holder = site.panels.find((one) => one.id === id);
  if (!holder || site.reader.value(id, 'feedThroughLugs') !== true) return undefined;
  const device = supplyDevice(site, holder);
  return device && { ...device, words: `${device.words} of ${holder.name}`, stands: 'feeder' };
}

/** First overcurrent device on the supply side of the bus: the smallest of its own main and what is above. */
export function supplyDevice(site: SiteView, panel: PanelView): RatedDevice | undefined {
  const candidates = [ownMain(panel), deviceAbove(site, panel)].filter((one) => one !== undefined);
  return candidates.length === 0
    ? undefined
    : candidates.reduce((a, b) => (b.ratingA < a.ratingA ? b : a));
}
