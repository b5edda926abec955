import { audienceOf } from '@/core/show/report/audience';
import { readDraft } from '@/server/commands/read-report';
import { sending } from '../../../session/sending';

/** The sheet of a report that is not issued, for the reader of ?for=. */
export const GET = sending<{ id: string }>(async (session, { id }, query) => {
  const audience = audienceOf(query.get('for') ?? undefined);
  return audience && readDraft(session, id, audience);
});
