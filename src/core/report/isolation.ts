import { splitRef } from '../entries/thing-types';
import type { SiteView } from '../panel/site-view';
import type { PanelView } from '../panel/views';
import { capital } from '../panel/words';
import { offAbove, panelOff, secondSupplies, staysLive } from './shut-off';

/**
 * What must be off for work at a place, and what stays live all the same. Says nothing of how the work
 * is done: that is the licensed person's, and never live.
 */
export function isolationWords(
  rule: string,
  ref: string,
  panel: PanelView,
  site: SiteView,
): string {
  const { reader } = site;
  const { thing } = splitRef(ref);
  const type = reader.inspection.things.get(thing)?.type;
  const group = rule.split('/')[0]!;
  if (group === 'access' || group === 'labels')
    return 'None for the space and the marks themselves.';
  const sources = secondSupplies(panel, site);
  const second = sources.length > 0 ? ` Off too: ${sources.join(', ')}.` : '';
  const supplySide =
    group === 'service' || type === 'service' || type === 'meter' || panel.main?.id === thing;
  if (supplySide && panel.supply.place !== 'downstream')
    return `By the utility: nothing in the building makes this dead.${second}`;
  const above = offAbove(panel, site);
  if (above) return `${capital(above)} off and locked: the whole panel.${second}`;
  const own = panelOff(panel, site)[0]!;
  return `${own} Stays live: ${staysLive(panel, site)}.${second}`;
}

/** Said once above the work list. */
export const isolationCaution =
  'Every isolation is locked, and proved dead on all pairs with a tester proved on a live source before and after. Nothing here is done live. Large loads and electronics are off before power returns.';
