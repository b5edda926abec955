import { acceptInvite } from '@/server/commands/invite';
import { nothingHere } from '@/server/web/answers';
import { answering } from '@/server/web/answering';
import { answerOf } from '../../../session/doing';
import { readOpenJson } from '@/server/web/read-json';

/** Makes a member of whoever was invited. */
export const POST = answering(
  async (request, { params }: { params: Promise<{ token: string }> }) => {
    const read = await readOpenJson(request);
    if ('answer' in read) return read.answer;
    const done = await acceptInvite((await params).token, read.body);
    return done ? answerOf(done) : nothingHere();
  },
);
