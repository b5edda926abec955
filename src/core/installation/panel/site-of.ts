import type { Entry } from '../../record/entries/entry';
import { fold } from '../../record/entries/fold';
import type { SiteView } from './site-view';
import { readSite } from './site-view';

/** What entries say stands there, put together; without any judgement. */
export const siteOf = (entries: readonly Entry[]): SiteView => readSite(fold(entries));
