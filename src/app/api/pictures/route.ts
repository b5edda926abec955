import { after } from 'next/server';
import {
  makePrintedPicture,
  makeThumbnail,
  mostPictureBytes,
  storePicture,
} from '@/server/commands/pictures';
import { currentSession } from '../../session/current';
import { readBounded } from '../../session/read-bounded';
import { crossSite, isSameOrigin, signedOut } from '../../session/same-origin';

/** Stores a picture sent as the request's body; its smaller copies are made afterwards. */
export async function POST(request: Request): Promise<Response> {
  if (!isSameOrigin(request)) return crossSite();
  const session = await currentSession();
  if (!session) return signedOut();
  const member = request.headers.get('x-east-gate-member');
  if (member && member !== session.member)
    return Response.json({ fault: 'Somebody else is signed in.' }, { status: 409 });
  const bytes = await readBounded(request, mostPictureBytes);
  if (!bytes) return Response.json({ fault: 'The picture is larger than 8 MB.' }, { status: 413 });
  const stored = await storePicture(session, bytes);
  if (!stored.ok) return Response.json({ fault: stored.reason }, { status: 422 });
  after(async () => {
    await makeThumbnail(session, stored.digest);
    await makePrintedPicture(session.organisation, stored.digest);
  });
  return Response.json({ digest: stored.digest });
}
