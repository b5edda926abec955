import { deliverEntries } from '@/server/commands/deliver-entries';
import { postings } from '@/server/web/posting';
import { answering } from '../../session/answering';
import { faults, readJson } from '../../session/read-json';

/** Receives a batch of entries of one inspection, in order; each is held to its bounds by itself. */
export const POST = answering(async (request) => {
  const read = await readJson(request, postings.entries, false);
  if ('answer' in read) return read.answer;
  const delivered = await deliverEntries(read.session, read.body);
  return delivered.ok
    ? Response.json({ deliveries: delivered.deliveries })
    : faults(400, delivered.fault);
});
