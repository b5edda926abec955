import type { Settings } from '../../codes/settings/settings';
import type { Entry } from '../entries/entry';
import type { Carried, Writer } from './carried';

/** What a device opens an inspection with: everybody under a name of his own. It travels as one JSON text. */
export interface Opened {
  settings: Settings;
  /** In the total order. */
  entries: Entry[];
  authors: Writer[];
  /** What packages brought, and who brought them; null: not recorded. */
  carried: Carried[] | null;
}
