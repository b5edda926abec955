import 'server-only';
import type { ScopeName } from '@/core/judge/scope/scopes';
import type { Permission } from '@/core/vocabulary/permission';
import { permissionWords } from '@/core/vocabulary/permission';

/** Who is asking. Every command but sign-in takes one. */
export interface Session {
  organisation: string;
  organisationName: string;
  member: string;
  name: string;
  licence: string;
  /** YYYY-MM-DD of the licence’s last day; undefined: not said. */
  licenceExpires?: string;
  /** What he may do beside reading. */
  may: readonly Permission[];
  /** What the licence proposes for a visit. */
  scope?: ScopeName;
  /** Which of his sessions this is; undefined where no browser asks. */
  id?: string;
}

/** Who is asking, as his own pages show him. */
export const whoOf = ({
  organisation,
  organisationName,
  member,
  name,
  licence,
  may,
  scope,
}: Session) => ({
  organisation,
  organisationName,
  member,
  name,
  licence,
  may,
  ...(scope && { scope }),
});

/** Asked for by somebody who may not. */
export class NotAllowed extends Error {
  constructor(permission: Permission) {
    super(
      `You may not ${permissionWords[permission]} in this office. Whoever manages its people can change that. Nothing was done.`,
    );
  }
}

/** @throws NotAllowed where the session's member may not; of several one is enough */
export function demand(
  { may }: Pick<Session, 'may'>,
  permission: Permission,
  ...or: readonly Permission[]
): void {
  if (![permission, ...or].some((one) => may.includes(one))) throw new NotAllowed(permission);
}
