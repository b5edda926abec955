import { exportPackage } from '@/server/commands/transfer-package';
import { currentSession } from '../../../session/current';
import { notHere, signedOut } from '@/server/web/answers';

export async function GET(
  _: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const { id } = await params;
  const exported = await exportPackage(session, id);
  if (!exported) return notHere();
  return new Response(new Uint8Array(exported.zip), {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': `attachment; filename="${id}.zip"`,
    },
  });
}
