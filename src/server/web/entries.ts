import 'server-only';
import { deliverEntries } from '../commands/deliver-entries';
import { answering } from './answering';
import { postings } from './posting';
import { faults, readJson } from './read-json';
import type { Sent } from './sent';

/** Receives a batch of entries of one inspection, in order; each is held to its bounds by itself. */
export const takeEntries = answering(async (sent: Sent) => {
  const read = await readJson(sent, postings.entries, false);
  if ('answer' in read) return read.answer;
  const delivered = await deliverEntries(read.session, read.body);
  return delivered.ok
    ? Response.json({ deliveries: delivered.deliveries })
    : faults(400, delivered.fault);
});
