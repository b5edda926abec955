import { verifyReport } from '@/server/commands/verify-report';
import { answering } from '@/server/web/answering';
import { readJson, textOf } from '@/server/web/read-json';
import { notHere } from '@/server/web/answers';

/** Holds an issued report against the digest printed on it. */
export const POST = answering(async (request) => {
  const read = await readJson(request);
  if ('answer' in read) return read.answer;
  const { body, session } = read;
  const verified = await verifyReport(session, textOf(body, 'report'), textOf(body, 'digest'));
  return verified ? Response.json(verified) : notHere();
});
