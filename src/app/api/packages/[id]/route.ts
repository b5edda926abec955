import { readImport } from '@/server/commands/large-import';
import { notHere, signedOut } from '@/server/web/answers';
import { currentSession } from '../../../session/current';

/** How far a large package is, and what became of it. */
export async function GET(
  _: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const session = await currentSession();
  if (!session) return signedOut();
  const state = await readImport(session, (await params).id);
  return state ? Response.json(state) : notHere();
}
