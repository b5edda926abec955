import { sendReport } from '@/server/commands/links';
import { originOf } from '../../session/origin';
import { faults, readJson } from '../../session/read-json';
import { notHere } from '../../session/same-origin';

/** Makes a link to an issued report and sends it. */
export async function POST(request: Request): Promise<Response> {
  const read = await readJson(request);
  if ('answer' in read) return read.answer;
  const sent = await sendReport(read.session, read.body, originOf(request));
  if (!sent) return notHere();
  return sent.ok ? Response.json(sent) : faults(422, ...sent.faults);
}
