import { readIssued, sealedZip } from '@/server/commands/issued-report';
import { currentSession } from '../../../session/current';
import { faults } from '@/server/web/read-json';
import { notHere, signedOut } from '@/server/web/answers';

/** The sealed package of an issued report. */
export async function GET(
  _: Request,
  { params }: { params: Promise<{ report: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const issued = await readIssued(session.organisation, (await params).report);
  if (!issued) return notHere();
  if (issued.erasedOn !== undefined)
    return faults(
      410,
      'The client asked to be forgotten: the sealed package names them. It is kept for proof and given out no more.',
    );
  return new Response(new Uint8Array(await sealedZip(session.organisation, issued)), {
    headers: {
      'content-type': 'application/zip',
      'content-disposition': `attachment; filename="${issued.row.number}.zip"`,
    },
  });
}
