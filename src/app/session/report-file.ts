import { audienceOf } from '@/core/show/report/audience';
import type { WantedFile } from '@/server/commands/report-file';
import { askReportFile, readReportFile, waitForReportFile } from '@/server/commands/report-file';
import { asPdf } from './as-file';

/** How long a request waits for its file. */
const mostMs = 45_000;

/** Milliseconds it waits at most: fewer where the request prefers so, `Prefer: wait=5` (RFC 7240). */
function waitMs(request: Request): number {
  const wanted = /(?:^|[\s,;])wait=(\d{1,3})(?:$|[\s,;])/i.exec(
    request.headers.get('prefer') ?? '',
  );
  return wanted ? Math.min(mostMs, Number(wanted[1]) * 1000) : mostMs;
}

/**
 * The PDF for the reader named in ?for=; made by a job where it is not there yet. With ?ask the job is
 * only begun, and how far it is comes back as JSON.
 */
export async function reportFile(
  request: Request,
  organisation: string,
  of: Omit<WantedFile, 'audience'>,
  name: string,
  nothing: () => Response,
): Promise<Response> {
  const { searchParams } = new URL(request.url);
  const audience = audienceOf(searchParams.get('for'));
  if (!audience) return nothing();
  const asked = await askReportFile(organisation, { ...of, audience });
  if (!asked) return nothing();
  if (searchParams.has('ask')) {
    const { state, step, steps } = asked;
    return Response.json({ state, step, steps }, { headers: { 'cache-control': 'no-store' } });
  }
  const file = await waitForReportFile(organisation, asked.id, waitMs(request));
  if (file?.state === 'failed')
    return new Response('The PDF could not be made. The server’s log says why.', { status: 500 });
  const bytes = file?.state === 'made' ? await readReportFile(organisation, asked.id) : undefined;
  if (!bytes)
    return new Response(
      'The PDF is still being made. Ask again in a minute; /standing says whether the PDF maker runs.',
      {
        status: 503,
        headers: { 'retry-after': '30' },
      },
    );
  return asPdf(bytes, audience === 'client' ? name : `${name}-${audience}`);
}
