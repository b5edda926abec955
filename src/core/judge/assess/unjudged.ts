import type { Settings } from '../../codes/settings/settings';
import { yardstickOf } from '../../codes/yardstick';
import { readSite } from '../../installation/panel/site-view';
import type { Entry } from '../../record/entries/entry';
import { fold } from '../../record/entries/fold';
import type { Assessment } from './assessment';
import { settingsAt } from './settings-at';

/**
 * What is recorded, put together, where the rules are not here yet: it can be drawn and recorded in. What follows
 * from the rules cannot be read of it, so that nobody takes "not judged yet" for "nothing found".
 * @throws at whatever is read of it that follows from the rules
 */
export function unjudged(entries: readonly Entry[], set: Settings): Assessment {
  const inspection = fold(entries);
  const site = readSite(inspection);
  const settings = settingsAt(site, set);
  const notYet = (what: string): never => {
    throw new Error(`${what}: not judged yet`);
  };
  return {
    judged: false,
    inspection,
    site,
    yardstick: yardstickOf(settings),
    settings,
    get examination() {
      return notYet('examination');
    },
    get verdicts() {
      return notYet('verdicts');
    },
    get findings() {
      return notYet('findings');
    },
    get notSeen() {
      return notYet('notSeen');
    },
    get coverage() {
      return notYet('coverage');
    },
    get visit() {
      return notYet('visit');
    },
    get asFound() {
      return notYet('asFound');
    },
    get mended() {
      return notYet('mended');
    },
  };
}
