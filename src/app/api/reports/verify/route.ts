import { verifyReport } from '@/server/commands/verify-report';
import { answering } from '../../../session/answering';
import { readJson, textOf } from '../../../session/read-json';
import { notHere } from '../../../session/answers';

/** Holds an issued report against the digest printed on it. */
export const POST = answering(async (request) => {
  const read = await readJson(request);
  if ('answer' in read) return read.answer;
  const { body, session } = read;
  const verified = await verifyReport(session, textOf(body, 'report'), textOf(body, 'digest'));
  return verified ? Response.json(verified) : notHere();
});
