import { after } from 'next/server';
import { makePrintedPicture, makeThumbnail, storePicture } from '@/server/commands/pictures';
import { storeFilePart } from '@/server/commands/file-part';
import { postings } from '@/server/web/posting';
import { answering } from '@/server/web/answering';
import { faults, readBytes } from '@/server/web/read-json';

/**
 * Stores a picture sent as the request's body, or takes a part of one: ?digest, ?from, ?of. Its smaller copies are
 * made once it is whole.
 */
export const POST = answering(async (request) => {
  const read = await readBytes(request, postings.pictures);
  if ('answer' in read) return read.answer;
  const { session, body } = read;
  const { searchParams } = new URL(request.url);
  const stored = searchParams.has('of')
    ? await storeFilePart(session, Object.fromEntries(searchParams), body, storePicture)
    : await storePicture(session, body);
  if (!stored.ok) return faults(422, stored.reason);
  if ('received' in stored) return Response.json({ received: stored.received });
  after(async () => {
    await makeThumbnail(session, stored.digest);
    await makePrintedPicture(session.organisation, stored.digest);
  });
  return Response.json({ digest: stored.digest });
});
