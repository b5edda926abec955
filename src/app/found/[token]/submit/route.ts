import { foundOffice } from '@/server/commands/found-office';
import { nothingHere } from '@/server/web/answers';
import { answering } from '@/server/web/answering';
import { answerOf } from '../../../session/doing';
import { readOpenJson } from '@/server/web/read-json';

/** Founds the office of a link; nobody is signed in yet. */
export const POST = answering(
  async (request: Request, { params }: { params: Promise<{ token: string }> }) => {
    const read = await readOpenJson(request);
    if ('answer' in read) return read.answer;
    const founded = await foundOffice((await params).token, read.body);
    return founded ? answerOf(founded) : nothingHere();
  },
);
