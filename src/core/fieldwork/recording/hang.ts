import { SupplyTree } from '../../installation/supply/tree';
import { thingWords } from '../../installation/panel/thing-words';
import type { SiteView } from '../../installation/panel/site-view';
import { Changes } from './changes';
import type { Recorded } from './recording-bench';

/** What feeds: a thing of the supply itself, a device of a panel, or a panel's feed-through lugs. */
export interface FeedingEnd {
  thing: string;
  by?: { device: string } | 'lugs';
}

const fed = ['meter', 'disconnect', 'panel'];

/** Records what hangs on what by its two ends; a second supply feeds, everything else is fed. */
export function hang(from: FeedingEnd, to: string, site: SiteView): Recorded {
  const { reader } = site;
  const [above, below] = [from.thing, to].map((id) => reader.inspection.things.get(id));
  if (!above || !below) return { ok: false, message: 'one of the two ends is not recorded' };
  if (above.id === below.id) return { ok: false, message: 'a thing does not hang on itself' };
  const changes = new Changes(reader);
  if (above.type === 'source') {
    if (below.type !== 'panel')
      return {
        ok: false,
        message: 'a second supply feeds a panel: touch the panel as its other end',
      };
    changes.say(above.id, { feeds: below.id });
    return { ok: true, drafts: changes.drafts };
  }
  if (!fed.includes(below.type))
    return { ok: false, message: `${thingWords(below.id, site)} is fed by nothing here` };
  if (new SupplyTree(reader).wayUp(above.id).some((one) => one.thing.id === below.id))
    return {
      ok: false,
      message: `${thingWords(below.id, site)} feeds ${thingWords(above.id, site)} already: it cannot hang on it too`,
    };
  if (above.type === 'panel' && from.by === undefined)
    return { ok: false, message: 'say which breaker of the panel feeds it, or its lugs' };
  if (from.by === 'lugs') changes.say(above.id, { feedThroughLugs: true });
  changes.say(below.id, {
    fedFrom: typeof from.by === 'object' ? from.by.device : above.id,
  });
  return { ok: true, drafts: changes.drafts };
}
