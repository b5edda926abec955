import type { Permission } from '@/core/vocabulary/permission';
import type { ScopeName } from '@/core/judge/scope/scopes';

/** Who is signed in, as the interface shows it. */
export interface Who {
  organisation: string;
  organisationName: string;
  member: string;
  name: string;
  /** What he may do beside reading. */
  may: readonly Permission[];
  /** What the licence of the member proposes for a visit. */
  scope?: ScopeName;
  licence?: string;
}
