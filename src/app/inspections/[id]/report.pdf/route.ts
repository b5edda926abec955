import { readReport } from '@/server/commands/read-report';
import { renderPdf } from '@/server/render/pdf/render-pdf';
import { currentSession } from '../../../session/current';
import { notHere, signedOut } from '../../../session/same-origin';

export async function GET(
  _: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const { id } = await params;
  const read = await readReport(session, id);
  if (!read) return notHere();
  const pdf = await renderPdf(read.report, read.assessment.site);
  return new Response(new Uint8Array(pdf), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="${id}.pdf"`,
    },
  });
}
