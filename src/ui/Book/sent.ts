import type { Opened } from '@/core/record/package/opened';
import type { Who } from '../who';

/** What the views of an inspection are drawn from. */
export interface BookSent {
  who: Who;
  /** It has what arrived up to here; undefined: a copy of before this was told. */
  arrived?: number;
  opened: Opened;
}
