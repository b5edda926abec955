import 'server-only';
import type { ScopeName } from '@/core/judge/scope/scopes';

/** Who is asking. Every command but sign-in takes one. */
export interface Session {
  organisation: string;
  organisationName: string;
  member: string;
  name: string;
  licence: string;
  /** What the licence proposes for a visit. */
  scope?: ScopeName;
}
