import { Readable } from 'node:stream';
import { exportOffice } from '@/server/commands/export-office';
import { signedOut } from '@/server/web/answers';
import { answering } from '@/server/web/answering';
import { asFile } from '../../../session/as-file';
import { currentSession } from '../../../session/current';

/** Every inspection of the office as an open package, in one zip. */
export const GET = answering(async () => {
  const session = await currentSession();
  if (!session) return signedOut();
  const { name, zip } = await exportOffice(session);
  return new Response(Readable.toWeb(zip) as ReadableStream, {
    headers: { 'content-type': 'application/zip', ...asFile(name) },
  });
});
