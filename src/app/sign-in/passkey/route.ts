import { signInByPasskey } from '@/server/commands/passkeys';
import { answering } from '@/server/web/answering';
import { keepSession, knownDevice } from '../../session/begin';
import { deviceWords } from '../../session/device-words';
import { publicOrigin } from '../../session/origin';
import { faults, readOpenJson } from '@/server/web/read-json';

/** Signs in whoever’s passkey signed a challenge of ours. */
export const POST = answering(async (request) => {
  const read = await readOpenJson(request);
  if ('answer' in read) return read.answer;
  const result = await signInByPasskey(read.body, publicOrigin(), {
    device: await knownDevice(),
    words: deviceWords(request.headers.get('user-agent')),
  });
  if (result.outcome !== 'signed-in')
    return faults(422, 'This passkey opens no account here. Sign in with your password.');
  await keepSession(result);
  return Response.json({ ok: true });
});
