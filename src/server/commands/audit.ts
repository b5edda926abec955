import 'server-only';
import { inOrganisation } from '../db/connect';
import type { AuditRow } from '../db/audit';
import { manyAudit } from '../db/audit';
import type { Session } from '../session';
import { demand } from '../session';

/** So many at once. */
export const auditPage = 100;

/** Who did what in the office, the latest first. */
export async function listAudit(session: Session, before?: string): Promise<AuditRow[]> {
  demand(session, 'people');
  const number = before !== undefined && /^\d{1,18}$/.test(before) ? before : null;
  return inOrganisation(session.organisation, (tx) => manyAudit(tx, number, auditPage));
}
