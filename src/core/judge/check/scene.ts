import type { PanelView } from '../../installation/panel/views';
import type { SiteView } from '../../installation/panel/site-view';
import type { Settings } from '../../codes/settings/settings';
import type { Yardstick } from '../../codes/yardstick/yardstick';
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
