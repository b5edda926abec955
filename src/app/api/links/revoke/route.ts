import { revokeLink } from '@/server/commands/links';
import { answering } from '@/server/web/answering';
import { readJson, textOf } from '@/server/web/read-json';
import { notHere } from '@/server/web/answers';

/** Ends a link. */
export const POST = answering(async (request) => {
  const read = await readJson(request);
  if ('answer' in read) return read.answer;
  const ended = await revokeLink(read.session, textOf(read.body, 'link'));
  return ended ? Response.json({ ended: true }) : notHere();
});
