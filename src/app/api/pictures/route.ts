import { after } from 'next/server';
import { makePrintedPicture, makeThumbnail, storePicture } from '@/server/commands/pictures';
import { postings } from '@/server/web/posting';
import { answering } from '@/server/web/answering';
import { faults, readBytes } from '@/server/web/read-json';

/** Stores a picture sent as the request's body; its smaller copies are made afterwards. */
export const POST = answering(async (request) => {
  const read = await readBytes(request, postings.pictures);
  if ('answer' in read) return read.answer;
  const { session, body } = read;
  const stored = await storePicture(session, body);
  if (!stored.ok) return faults(422, stored.reason);
  after(async () => {
    await makeThumbnail(session, stored.digest);
    await makePrintedPicture(session.organisation, stored.digest);
  });
  return Response.json({ digest: stored.digest });
});
