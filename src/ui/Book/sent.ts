import type { Opened } from '@/core/record/package/opened';
import type { Who } from '../who';

/** What the views of an inspection are drawn from. */
export interface BookSent {
  who: Who;
  opened: Opened;
}
