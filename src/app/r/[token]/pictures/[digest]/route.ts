import { openLink } from '@/server/commands/links';
import { readPrintedPictures } from '@/server/commands/pictures';
import { addressOf } from '../../../../session/address';
import { nothingHere } from '@/server/web/answers';

/** A picture of the report the link opens, at the size it is printed in; no other. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ token: string; digest: string }> },
): Promise<Response> {
  const { token, digest } = await params;
  const opened = await openLink(token, addressOf(request.headers), 'pictured');
  const shown =
    opened?.report.letterhead?.logo?.digest === digest ||
    opened?.report.photos.some((photo) => photo.digest === digest);
  if (!opened || !shown) return nothingHere();
  const picture = (await readPrintedPictures(opened.organisation, [digest])).get(digest);
  if (!picture) return nothingHere();
  return new Response(new Uint8Array(picture.bytes), {
    headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=3600' },
  });
}
