import type { Permission } from '@/core/vocabulary/permission';

/** One of the office, as its people are shown. */
export interface Person {
  id: string;
  name: string;
  email: string;
  licence: string;
  /** YYYY-MM-DD; empty: not said. */
  licenceExpires: string;
  scope: string;
  may: Permission[];
  /** When access ended; undefined: works here. */
  left: string | undefined;
}
