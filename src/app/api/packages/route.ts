import { describeFault } from '@/core/vocabulary/fault';
import { importPackage } from '@/server/commands/transfer-package';
import { postings } from '@/server/web/posting';
import { answering } from '../../session/answering';
import { faults, readBytes } from '../../session/read-json';

/** Loads an inspection package sent as the request's body. */
export const POST = answering(async (request) => {
  const read = await readBytes(request, postings.packages);
  if ('answer' in read) return read.answer;
  const imported = await importPackage(read.session, read.body);
  return imported.ok ? Response.json(imported) : faults(422, ...imported.faults.map(describeFault));
});
