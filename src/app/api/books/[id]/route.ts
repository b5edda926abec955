import { readBook } from '@/server/commands/read-book';
import { whoOf } from '@/server/session';
import { sending } from '../../../session/sending';

/** What the views of an inspection are drawn from; of one nobody has begun, what it begins with. */
export const GET = sending<{ id: string }>(
  async (session, { id }) =>
    `{"who":${JSON.stringify(whoOf(session))},"opened":${await readBook(session, id)}}`,
);
