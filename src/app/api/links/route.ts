import { sendReport } from '@/server/commands/links';
import { publicOrigin } from '../../session/origin';
import { answering } from '@/server/web/answering';
import { faults, readJson } from '@/server/web/read-json';
import { notHere } from '@/server/web/answers';

/** Makes a link to an issued report and sends it. */
export const POST = answering(async (request) => {
  const read = await readJson(request);
  if ('answer' in read) return read.answer;
  const sent = await sendReport(read.session, read.body, publicOrigin());
  if (!sent) return notHere();
  return sent.ok ? Response.json(sent) : faults(422, ...sent.faults);
});
