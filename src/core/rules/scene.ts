import type { PanelView } from '../panel/views';
import type { SiteView } from '../panel/site-view';
import type { Settings } from '../settings/settings';
import type { Yardstick } from '../yardstick/yardstick';
import type { Around } from './around';
import type { PanelPlaces } from './places';

/** What a rule may look at. */
export interface Scene {
  site: SiteView;
  panel: PanelView;
  places: PanelPlaces;
  /** Buildings, meters, electrodes and other things outside the panels that this panel answers for. */
  around: Around;
  yardstick: Yardstick;
  settings: Settings;
}
