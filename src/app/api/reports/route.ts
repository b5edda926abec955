import { issueReport } from '@/server/commands/issue-report';
import { answering } from '@/server/web/answering';
import { faults, readJson, textOf } from '@/server/web/read-json';
import { notHere } from '@/server/web/answers';

/** Issues the report of an inspection. */
export const POST = answering(async (request) => {
  const read = await readJson(request);
  if ('answer' in read) return read.answer;
  const { inspection: _, ...input } = (read.body ?? {}) as Record<string, unknown>;
  const issued = await issueReport(
    read.session,
    textOf(read.body, 'inspection'),
    input,
    new Date(),
  );
  if (!issued) return notHere();
  return issued.ok ? Response.json(issued) : faults(422, ...issued.faults);
});
