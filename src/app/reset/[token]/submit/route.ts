import { resetPassword } from '@/server/commands/reset-password';
import { nothingHere } from '@/server/web/answers';
import { answering } from '@/server/web/answering';
import { answerOf } from '../../../session/doing';
import { readOpenJson } from '@/server/web/read-json';

/** Sets a new password by a link. */
export const POST = answering(
  async (request, { params }: { params: Promise<{ token: string }> }) => {
    const read = await readOpenJson(request);
    if ('answer' in read) return read.answer;
    const done = await resetPassword((await params).token, read.body);
    return done ? answerOf(done) : nothingHere();
  },
);
