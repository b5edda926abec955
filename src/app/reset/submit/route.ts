import { askReset } from '@/server/commands/reset-password';
import { addressOf } from '../../session/address';
import { answering } from '@/server/web/answering';
import { answerOf } from '../../session/doing';
import { publicOrigin } from '../../session/origin';
import { readOpenJson, textOf } from '@/server/web/read-json';

/** Sends a link for a new password to whoever has the address. */
export const POST = answering(async (request) => {
  const read = await readOpenJson(request);
  if ('answer' in read) return read.answer;
  return answerOf(
    await askReset(textOf(read.body, 'email'), addressOf(request.headers), publicOrigin()),
  );
});
