import { signInPath, wantedAfter } from '@/core/vocabulary/sign-in-path';
import { signIn } from '@/server/commands/sign-in';
import { addressOf } from '../../session/address';
import { seeOther } from '@/server/web/answers';
import { keepSession, knownDevice } from '../../session/begin';
import { deviceWords } from '../../session/device-words';
import { readForm } from '../../session/read-form';

export async function POST(request: Request): Promise<Response> {
  const read = await readForm(request);
  if ('answer' in read) return read.answer;
  const result = await signIn(read.fields, {
    address: addressOf(request.headers),
    device: await knownDevice(),
    words: deviceWords(request.headers.get('user-agent')),
  });
  const { after } = read.fields;
  if (result.outcome !== 'signed-in') return seeOther(signInPath(after ?? '/', result.outcome));
  await keepSession(result);
  return seeOther(wantedAfter(after));
}
