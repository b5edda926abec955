import { switchedOffBy } from './switched-off-by';
import { splitRef } from '../../record/entries/thing-types';
import type { SiteView } from '../../installation/panel/site-view';
import type { PanelView } from '../../installation/panel/views';
import { capital } from '../../vocabulary/phrases';
import { SupplyTree } from '../../installation/supply/tree';
import { offAbove, otherSupplies, ownHandles, staysLive } from './shut-off';

const notRecorded = 'What shuts this off was not recorded: it is found before anything is opened.';
const byUtility = 'By the utility: nothing in the building shuts this off.';

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
  const group = rule.split('/')[0]!;
  if (group === 'access' || group === 'labels')
    return 'None for the space and the marks themselves.';
  return [
    offWords(group, ref, panel, site),
    group === 'ground' &&
      'Grounding conductors and pipes can carry current with everything here off.',
    ...otherSupplies(panel, site),
    ...agreedOff(site),
  ]
    .filter(Boolean)
    .join(' ');
}

/** Who switches off, and what must stay on, as agreed. */
function agreedOff({ reader, site }: SiteView): string[] {
  if (!site) return [];
  const by = reader.value(site, 'shutOffBy');
  const may = reader.value(site, 'mayShutOff');
  const stays = reader.value(site, 'mustStayOn');
  return [
    ...(by || may === 'by-others' ? [switchedOffBy(by)] : []),
    ...(may === 'no' ? ['Not to be switched off without asking first.'] : []),
    ...(stays ? [`Must stay on: ${stays}.`] : []),
  ];
}

function offWords(group: string, ref: string, panel: PanelView, site: SiteView): string {
  const { thing } = splitRef(ref);
  const type = site.reader.inspection.things.get(thing)?.type;
  if (type === 'service') return byUtility;
  if (type === 'meter' || type === 'disconnect') return offForSupply(thing, site);
  const above = offAbove(panel.id, site);
  if (above) return `${capital(above)} off and locked: the whole panel.`;
  const supplySide = group === 'service' || panel.main?.id === thing;
  if (supplySide) return panel.supply.place === 'first-disconnect' ? byUtility : notRecorded;
  const own = ownHandles(panel, site);
  return own ? `${own} Stays live: ${staysLive(panel, site)}.` : notRecorded;
}

/** Of a meter or a disconnect: what is above it, up to the utility. */
function offForSupply(thing: string, site: SiteView): string {
  const above = offAbove(thing, site);
  if (above) return `${capital(above)} off and locked.`;
  const top = new SupplyTree(site.reader).wayUp(thing).at(-1)?.thing.type;
  return top === 'service' ? byUtility : notRecorded;
}

/** Said once above the work list. */
export const isolationCaution =
  'Every isolation is locked, and proved dead on all pairs with a tester proved on a live source before and after. Nothing here is done live. Large loads and electronics are off before power returns.';
