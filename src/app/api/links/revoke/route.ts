import { revokeLink } from '@/server/commands/links';
import { readJson, textOf } from '../../../session/read-json';
import { notHere } from '../../../session/same-origin';

/** Ends a link. */
export async function POST(request: Request): Promise<Response> {
  const read = await readJson(request);
  if ('answer' in read) return read.answer;
  const ended = await revokeLink(read.session, textOf(read.body, 'link'));
  return ended ? Response.json({ ended: true }) : notHere();
}
