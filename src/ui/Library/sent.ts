import type { Letterhead } from '@/core/codes/settings/letterhead';
import type { Settings } from '@/core/codes/settings/settings';
import type { Who } from '../who';

/** What the library is drawn from, and whatever else follows from what the office set. */
export interface LibrarySent {
  who: Who;
  settings: Settings;
  /** Of the settings. */
  version: number;
  /** Null: it shows itself by its name alone. */
  letterhead: Letterhead | null;
}
