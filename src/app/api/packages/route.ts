import { describeFault } from '@/core/vocabulary/fault';
import { importPackage } from '@/server/commands/transfer-package';
import { packageLimits } from '@/server/package-zip';
import { currentSession } from '../../session/current';
import { readBounded } from '../../session/read-bounded';
import { crossSite, isSameOrigin, signedOut } from '../../session/same-origin';

/** Loads an inspection package sent as the request's body. */
export async function POST(request: Request): Promise<Response> {
  if (!isSameOrigin(request)) return crossSite();
  const session = await currentSession();
  if (!session) return signedOut();
  const bytes = await readBounded(request, packageLimits.zipBytes);
  if (!bytes)
    return Response.json(
      {
        faults: [`package: expected at most ${packageLimits.zipBytes / 1024 / 1024} MB, got more`],
      },
      { status: 413 },
    );
  const imported = await importPackage(session, bytes);
  return imported.ok
    ? Response.json(imported)
    : Response.json({ faults: imported.faults.map(describeFault) }, { status: 422 });
}
