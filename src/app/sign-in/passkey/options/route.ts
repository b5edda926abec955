import { passkeyToSignIn } from '@/server/commands/passkeys';
import { addressOf } from '../../../session/address';
import { answerOf } from '../../../session/doing';
import { publicOrigin } from '../../../session/origin';
import { answering } from '@/server/web/answering';
import { readOpenJson } from '@/server/web/read-json';

/** What a browser needs to sign somebody in by a passkey. */
export const POST = answering(async (request) => {
  const read = await readOpenJson(request);
  if ('answer' in read) return read.answer;
  return answerOf(await passkeyToSignIn(publicOrigin(), addressOf(request.headers)));
});
