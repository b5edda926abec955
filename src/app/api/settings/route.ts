import { saveSettings } from '@/server/commands/save-settings';
import { currentSession } from '../../session/current';
import { readBounded } from '../../session/read-bounded';
import { crossSite, isSameOrigin, signedOut } from '../../session/same-origin';

const mostBytes = 2 * 1024 * 1024;

/** Replaces the organisation's settings. */
export async function POST(request: Request): Promise<Response> {
  if (!isSameOrigin(request)) return crossSite();
  const session = await currentSession();
  if (!session) return signedOut();
  const bytes = await readBounded(request, mostBytes);
  if (!bytes)
    return Response.json({ faults: [`Settings are at most ${mostBytes} bytes.`] }, { status: 413 });
  let body: unknown;
  try {
    body = JSON.parse(bytes.toString('utf8'));
  } catch (error) {
    return Response.json(
      { faults: [`The settings are not JSON: ${(error as Error).message}`] },
      { status: 400 },
    );
  }
  const saved = await saveSettings(session, body);
  return saved.ok
    ? Response.json({ settings: saved.settings })
    : Response.json({ faults: saved.faults }, { status: 400 });
}
