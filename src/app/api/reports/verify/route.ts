import { verifyReport } from '@/server/commands/verify-report';
import { readJson, textOf } from '../../../session/read-json';
import { notHere } from '../../../session/same-origin';

/** Holds an issued report against the digest printed on it. */
export async function POST(request: Request): Promise<Response> {
  const read = await readJson(request);
  if ('answer' in read) return read.answer;
  const { body, session } = read;
  const verified = await verifyReport(session, textOf(body, 'report'), textOf(body, 'digest'));
  return verified ? Response.json(verified) : notHere();
}
