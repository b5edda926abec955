import { readBook } from '@/server/commands/read-book';
import { whoOf } from '@/server/session';
import { sending } from '../../../session/sending';

/** What the views of an inspection are drawn from; of one nobody has begun, what it begins with. */
export const GET = sending<{ id: string }>(async (session, { id }) => {
  const { text, arrived } = await readBook(session, id);
  return `{"who":${JSON.stringify(whoOf(session))},"arrived":${arrived},"opened":${text}}`;
});
