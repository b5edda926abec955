import type { Fact } from '../entries/inspection';
import type { SiteView } from '../panel/site-view';
import type { PanelView } from '../panel/views';
import { SupplyReading } from './tree';

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

/** The nearest rated device above the panel: a breaker of the panel that feeds it, or a disconnect. */
export function deviceAbove({ reader }: SiteView, panel: PanelView): RatedDevice | undefined {
  for (const { thing, by } of new SupplyReading(reader).wayUp(panel.id)) {
    const rating = by && reader.fact(by.id, 'handleRatingsA');
    if (rating)
      return {
        ratingA: Math.min(...rating.value),
        words: 'the breaker that feeds it',
        fact: rating as Fact,
        stands: 'feeder',
      };
    const disconnect =
      thing.type === 'disconnect' ? reader.fact(thing.id, 'disconnectRatingA') : undefined;
    if (disconnect)
      return {
        ratingA: disconnect.value,
        words: 'the disconnect ahead of it',
        fact: disconnect as Fact,
        stands: 'disconnect',
      };
    if (thing.type === 'panel') return undefined;
  }
  return undefined;
}

/** First overcurrent device on the supply side of the bus: the smallest of its own main and what is above. */
export function supplyDevice(site: SiteView, panel: PanelView): RatedDevice | undefined {
  const candidates = [ownMain(panel), deviceAbove(site, panel)].filter((one) => one !== undefined);
  return candidates.length === 0
    ? undefined
    : candidates.reduce((a, b) => (b.ratingA < a.ratingA ? b : a));
}
