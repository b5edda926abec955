import { listIssued, readIssued } from '@/server/commands/issued-report';
import { numberWords } from '@/server/commands/stored-inspection';
import { whoOf } from '@/server/session';
import type { ReturnSent } from '@/ui/Return/sent';
import { sending } from '../../../session/sending';

/** The report a return visit to an inspection starts from: the last that was issued, or none. */
export const GET = sending<{ id: string }>(async (session, { id }) => {
  const last = (await listIssued(session, id)).find(({ kind }) => kind === 'report');
  const issued = last && (await readIssued(session.organisation, last.id));
  return JSON.stringify({
    who: whoOf(session),
    issued: issued
      ? {
          number: numberWords(issued.row),
          findings: issued.report.findings,
          photos: issued.report.photos,
          readings: issued.report.readings,
          sealed: issued.stored.entries.map((entry) => entry.id),
        }
      : null,
  } satisfies ReturnSent);
});
