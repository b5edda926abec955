import type { Settings } from '../../codes/settings/settings';
import type { SiteView } from '../../installation/panel/site-view';

/** Settings with the school this inspection is graded by. */
export function settingsAt(read: SiteView, settings: Settings): Settings {
  const school = read.site && read.reader.value(read.site, 'school');
  return school ? { ...settings, school } : settings;
}
