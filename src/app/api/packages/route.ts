import { describeFault } from '@/core/vocabulary/fault';
import { beginImport, largeBytes } from '@/server/commands/large-import';
import { importPackage } from '@/server/commands/transfer-package';
import { postings } from '@/server/web/posting';
import { answering } from '@/server/web/answering';
import { faults, readBytes } from '@/server/web/read-json';

/** Loads an inspection package sent as the request's body; a large one is taken in and read by a job. */
export const POST = answering(async (request) => {
  const read = await readBytes(request, postings.packages);
  if ('answer' in read) return read.answer;
  if (read.body.length > largeBytes)
    return Response.json({ import: await beginImport(read.session, read.body) }, { status: 202 });
  const imported = await importPackage(read.session, read.body);
  return imported.ok ? Response.json(imported) : faults(422, ...imported.faults.map(describeFault));
});
