import { revokeLink } from '@/server/commands/links';
import { answering } from '../../../session/answering';
import { readJson, textOf } from '../../../session/read-json';
import { notHere } from '../../../session/answers';

/** Ends a link. */
export const POST = answering(async (request) => {
  const read = await readJson(request);
  if ('answer' in read) return read.answer;
  const ended = await revokeLink(read.session, textOf(read.body, 'link'));
  return ended ? Response.json({ ended: true }) : notHere();
});
