import {
  readPicture,
  readPrintedPictures,
  readThumbnail,
  shownPicture,
} from '@/server/commands/pictures';
import { currentSession } from '../../session/current';
import { signedOut } from '@/server/web/answers';

/** A stored picture, or with ?small its small copy, with ?screen one of the size of a screen. Its bytes never change. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ digest: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const { digest } = await params;
  const { searchParams } = new URL(request.url);
  const picture = searchParams.has('small')
    ? await readThumbnail(session, digest).then(
        (bytes) => bytes && { bytes, media_type: 'image/webp' },
      )
    : searchParams.has('screen')
      ? await readPrintedPictures(session.organisation, [digest]).then((printed) => {
          const bytes = printed.get(digest)?.bytes;
          return bytes && { bytes, media_type: 'image/jpeg' };
        })
      : await readPicture(session, digest).then((kept) => kept && shownPicture(kept));
  if (!picture) return Response.json({ fault: 'There is no such picture here.' }, { status: 404 });
  return new Response(new Uint8Array(picture.bytes), {
    headers: {
      'content-type': picture.media_type,
      'cache-control': 'private, max-age=31536000, immutable',
    },
  });
}
