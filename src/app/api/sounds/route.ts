import { storeFilePart } from '@/server/commands/file-part';
import { storeSound } from '@/server/commands/sounds';
import { postings } from '@/server/web/posting';
import { answering } from '@/server/web/answering';
import { faults, readBytes } from '@/server/web/read-json';

/** Takes a part of a spoken note: ?digest, ?from, ?of. */
export const POST = answering(async (request) => {
  const read = await readBytes(request, postings.sounds);
  if ('answer' in read) return read.answer;
  const asked = Object.fromEntries(new URL(request.url).searchParams);
  const stored = await storeFilePart(read.session, asked, read.body, storeSound);
  if (!stored.ok) return faults(422, stored.reason);
  return Response.json(
    'received' in stored ? { received: stored.received } : { digest: stored.digest },
  );
});
