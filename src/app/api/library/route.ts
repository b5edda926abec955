import { readOffice } from '@/server/commands/read-inspection';
import { whoOf } from '@/server/session';
import type { LibrarySent } from '@/ui/Library/sent';
import { sending } from '../../session/sending';

/** What this office set: its settings, and how it shows itself on a report. */
export const GET = sending(async (session) =>
  JSON.stringify({ who: whoOf(session), ...(await readOffice(session)) } satisfies LibrarySent),
);
