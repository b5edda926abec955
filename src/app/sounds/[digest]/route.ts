import { readSound } from '@/server/commands/sounds';
import { currentSession } from '../../session/current';
import { signedOut } from '@/server/web/answers';

/** A spoken note. Its bytes never change. */
export async function GET(
  _: Request,
  { params }: { params: Promise<{ digest: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const sound = await readSound(session, (await params).digest);
  if (!sound)
    return Response.json({ fault: 'There is no such spoken note here.' }, { status: 404 });
  return new Response(new Uint8Array(sound.bytes), {
    headers: {
      'content-type': sound.media_type,
      'cache-control': 'private, max-age=31536000, immutable',
    },
  });
}
