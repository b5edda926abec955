import { sendReport } from '@/server/commands/links';
import { publicOrigin } from '../../session/origin';
import { answering } from '../../session/answering';
import { faults, readJson } from '../../session/read-json';
import { notHere } from '../../session/answers';

/** Makes a link to an issued report and sends it. */
export const POST = answering(async (request) => {
  const read = await readJson(request);
  if ('answer' in read) return read.answer;
  const sent = await sendReport(read.session, read.body, publicOrigin());
  if (!sent) return notHere();
  return sent.ok ? Response.json(sent) : faults(422, ...sent.faults);
});
